package reckonrod.sim.device.card;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.Optional;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.Folder;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.card.Card;
import reckonrod.core.link.card.CardIndex;
import reckonrod.core.link.card.CardIndex.By;
import reckonrod.sim.device.RadioMemory;

/** The slot of a radio that is loaded by card, and the two things that the person does with it there. */
public final class CardSlot {
    private final RadioDefinition radio;
    private final MemoryCard family;
    private final String ident;
    private final RadioMemory memory;

    /** The slot of a radio that names itself so and works on that memory. */
    public CardSlot(RadioDefinition radio, MemoryCard family, String ident, RadioMemory memory) {
        this.radio = radio;
        this.family = family;
        this.ident = ident;
        this.memory = memory;
    }

    /**
     * Writes the memory to the card.
     *
     * @param now by the clock of the radio
     * @throws IOException if the card cannot be written
     */
    public void export(Folder card, LocalDateTime now) throws IOException {
        byte[] bytes = memory.image().toBytes();
        put(card, family.file(), bytes);
        put(
                card,
                CardIndex.NAME,
                new CardIndex(
                                ident,
                                By.RADIO,
                                now,
                                family.file(),
                                bytes.length,
                                memory.image().cyclicSum())
                        .text());
    }

    /** A radio writes over whatever has that name in its own folder; it does not look anywhere else. */
    private void put(Folder card, String file, byte[] bytes) throws IOException {
        String own = family.folder() + "/" + file;
        Optional<String> there = card.find(family.folder(), file).stream()
                .filter(own::equalsIgnoreCase)
                .findFirst();
        if (there.isPresent()) {
            card.replace(there.get(), bytes);
        } else {
            card.create(own, bytes);
        }
    }

    /** Takes the card's memory in, if it is whole and of this model; what the display shows then. */
    public String takeIn(Folder card) {
        try {
            Optional<Card> held = Card.read(radio, family, card);
            held.ifPresent(each -> memory.replace(each.image()));
            return held.isPresent() ? "Taken in" : "No file";
        } catch (LinkException broken) {
            return "Card error";
        }
    }
}
