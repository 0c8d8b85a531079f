package reckonrod.core.drill;

/** What goes wrong at a panel by its nature. */
public enum Trap {
    /** What was open closed by itself. */
    TIMED_OUT("Too slow: the menu closed"),
    /** The number after the function key came too late. */
    FUNCTION_LATE("The number came too late"),
    /** Another frequency forgot what was set. */
    FORGOTTEN("Another frequency forgets"),
    /** A size was typed without its zeros. */
    SIZE_CUT("Zeros left out"),
    /** The slot is in use. */
    IN_USE("The slot is in use"),
    /** Something that was in use was stored over or cleared. */
    LOST("Something else is gone"),
    /** It was stored elsewhere. */
    OTHER_SLOT("Another slot"),
    /** Digits called a slot instead of dialling. */
    CALLED("Digits called a slot"),
    /** It was left without being taken. */
    NOT_TAKEN("Left without taking it"),
    /** A key was pressed shortly that must be held. */
    SHORT("Pressed shortly, not held"),
    /** A dial was turned while nothing was open. */
    DIAL_MOVED("The dial moved the frequency"),
    /** The value of a tone is chosen, and the tone is not switched on. */
    NOT_SWITCHED_ON("Tone not switched on"),
    /** The tone is on the other side. */
    WRONG_SIDE("Tone on the wrong side"),
    /** The talk frequency is on the other side. */
    WRONG_WAY("Shift the wrong way"),
    /** Something else of it is wrong. */
    NOT_IT("Not what was asked for"),
    /** What is set for the whole radio changed other slots. */
    OTHERS_CHANGED("Other slots changed with it"),
    /** The radio refused. */
    REFUSED("The radio refused");

    private final String words;

    Trap(String words) {
        this.words = words;
    }

    /** What it is called. */
    public String words() {
        return words;
    }
}
