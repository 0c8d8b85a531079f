package reckonrod.sim.device.clone;

/** What the person has started on a radio that is loaded by streamed clone. */
public enum CloneKey {
    NOTHING,
    SEND,
    TAKE
}
