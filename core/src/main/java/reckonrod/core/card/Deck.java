package reckonrod.core.card;

import java.util.List;

/**
 * Cards that are printed together.
 *
 * @param title what they are together
 * @param origin from what they were made
 * @param width how wide each needs to be
 * @param cards the cards, in order; at least one
 */
public record Deck(String title, Origin origin, CardWidth width, List<Card> cards) {
    public Deck {
        cards = List.copyOf(cards);
        if (cards.isEmpty()) {
            throw new IllegalArgumentException("A deck must have a card");
        }
    }
}
