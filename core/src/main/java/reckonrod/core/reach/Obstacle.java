package reckonrod.core.reach;

/**
 * The point of a profile that stands most in the way.
 *
 * @param metres its distance from the start
 * @param groundMetres the ground there, raised by the earth's bulge
 * @param aboveRayMetres how far it stands above the ray; negative when the ray passes over it
 * @param clearanceShare the clear part of the first Fresnel zone's radius, 1 when all of it; negative when the ray is cut
 * @param lossDecibels what it would cost alone, as a knife edge
 */
public record Obstacle(
        double metres, double groundMetres, double aboveRayMetres, double clearanceShare, double lossDecibels) {}
