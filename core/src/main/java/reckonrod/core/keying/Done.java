package reckonrod.core.keying;

/**
 * What of a goal is done.
 *
 * @param cleared whether the slot is free for what is to come
 * @param stored whether something was stored
 * @param acted whether the item of the goal did what it does
 */
record Done(boolean cleared, boolean stored, boolean acted) {
    /** Whether that is all of it. */
    boolean isAll(Goal goal) {
        return goal.act().isPresent() ? acted : goal.stores() ? stored : cleared;
    }
}
