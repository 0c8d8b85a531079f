package reckonrod.core.list;

/** What becomes of the channel that is in the slot that another one moves to. */
public enum MoveWay {
    /** It takes the slot that the other one came from. */
    SWAP,
    /** It and those behind it give way, each to the next slot, as far as the next free one. */
    PUSH
}
