package reckonrod.core.directory;

import java.util.Optional;
import reckonrod.core.channel.Emission;

/** What a repeater passes on. */
public enum Mode {
    FM("FM", Emission.FM),
    NFM("NFM", Emission.NFM),
    AM("AM", Emission.AM),
    /** Digital voice of any kind; an analogue radio hears only noise. */
    DIGITAL("digital", null);

    private final String word;
    private final Emission emission;

    Mode(String word, Emission emission) {
        this.word = word;
        this.emission = emission;
    }

    /** The mode in the notation and on screen. */
    public String word() {
        return word;
    }

    /** The emission of an analogue radio for it; absent for digital voice. */
    public Optional<Emission> emission() {
        return Optional.ofNullable(emission);
    }
}
