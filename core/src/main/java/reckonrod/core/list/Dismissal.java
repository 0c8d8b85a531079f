package reckonrod.core.list;

import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;

/**
 * A finding that the person has looked at and laid aside, until its channel changes.
 *
 * @param code the code of the finding's kind
 * @param field the part of the channel that it speaks of
 * @param reason why, in the person's words; not blank, at most 200 characters
 */
public record Dismissal(String code, Field field, String reason) {
    private static final int MOST_CHARACTERS = 200;

    public Dismissal {
        reason = reason.strip();
        if (reason.isEmpty() || reason.length() > MOST_CHARACTERS) {
            throw new IllegalArgumentException(
                    "Reason must be 1 to " + MOST_CHARACTERS + " characters, was " + reason.length());
        }
    }

    /** Whether it is this finding that was laid aside. */
    public boolean covers(Finding finding) {
        return finding.kind().code().equals(code) && finding.field() == field;
    }

    boolean sameSubject(Dismissal other) {
        return code.equals(other.code) && field == other.field;
    }
}
