package reckonrod.sim.device;

/** The radio's side of a protocol: bytes in, bytes out. What it cannot understand it drops without a word. */
public interface Device {
    /** The line was silent: what was not finished is forgotten. What the radio says by itself then; mostly nothing. */
    byte[] silence();

    /** Whether this byte would be part of a request that changes the radio. */
    boolean isOfWrite(byte next);

    /** Takes one byte; the answer is empty until a request is complete. */
    byte[] take(byte next);
}
