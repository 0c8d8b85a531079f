package reckonrod.core.card;

import java.util.List;

/**
 * What belongs together on paper, and is cut out as one.
 *
 * @param title what it is, in a few words
 * @param under what else stands at its head; may be empty
 * @param parts what it says
 */
public record Card(String title, String under, List<CardPart> parts) {
    public Card {
        if (title.isBlank()) {
            throw new IllegalArgumentException("A card must have a title");
        }
        parts = List.copyOf(parts);
    }
}
