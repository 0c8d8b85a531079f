package reckonrod.sim.air;

/** Chance that is the same every time: a number from 0 to 1 out of a seed, a name and a moment. */
final class Luck {
    private Luck() {}

    static double of(long seed, String name, long moment) {
        long mixed = seed * 0x9E3779B97F4A7C15L + name.hashCode() * 0xC2B2AE3D27D4EB4FL + moment * 0x165667B19E3779F9L;
        mixed = (mixed ^ mixed >>> 31) * 0x94D049BB133111EBL;
        mixed = (mixed ^ mixed >>> 29) * 0xBF58476D1CE4E5B9L;
        return ((mixed ^ mixed >>> 32) >>> 11) * 0x1.0p-53;
    }
}
