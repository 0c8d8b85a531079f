package reckonrod.core.card;

/**
 * What a card says of a radio that is in somebody else's hands.
 *
 * @param radio what it is called
 * @param owner whose it is; may be empty
 * @param reach how the owner is reached; may be empty
 * @param to who has it; may be empty
 * @param back when it is to be back, in words; may be empty
 * @param note what was said with it; may be empty
 */
public record Handed(String radio, String owner, String reach, String to, String back, String note) {
    private static final int MOST_CHARACTERS = 120;

    public Handed {
        owner = fitting("Whose it is", owner);
        reach = fitting("How the owner is reached", reach);
        to = fitting("Who has it", to);
        back = fitting("When it is to be back", back);
    }

    private static String fitting(String what, String text) {
        String stripped = text.strip();
        if (stripped.length() > MOST_CHARACTERS) {
            throw new IllegalArgumentException(
                    what + " must be at most " + MOST_CHARACTERS + " characters for a card, was " + stripped.length());
        }
        return stripped;
    }
}
