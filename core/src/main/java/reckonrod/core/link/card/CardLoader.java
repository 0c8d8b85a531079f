package reckonrod.core.link.card;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.Optional;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Course;
import reckonrod.core.link.Folder;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Loader;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.core.link.WriteEstimate;
import reckonrod.core.link.card.CardIndex.By;

/**
 * Reads and writes the card of a radio. What is written there is in the radio only when the person has it taken in, and proven
 * only when the radio has exported it again.
 */
public final class CardLoader implements Loader {
    private final RadioDefinition radio;
    private final MemoryCard family;
    private final Folder folder;
    private final TransferWatch watch;
    private final Course course;
    private final LocalDateTime now;

    /**
     * A transfer to be made once.
     *
     * @param now the time that is written on the card
     */
    public CardLoader(RadioDefinition radio, MemoryCard family, Folder folder, TransferWatch watch, LocalDateTime now) {
        this.radio = radio;
        this.family = family;
        this.folder = folder;
        this.watch = watch;
        this.course = new Course(watch);
        this.now = now;
    }

    @Override
    public MemoryImage read() throws LinkException {
        course.adds(radio.layout().bytes());
        course.in(Phase.IDENTIFY);
        course.stopIfTold();
        Card card = Card.read(radio, family, folder)
                .orElseThrow(() -> new LinkException(
                        Fault.CARD,
                        "Nothing of a " + radio.title() + " is on this card: there is no " + family.folder() + "/"
                                + CardIndex.NAME + ". Export on the radio first."));
        if (card.index().by() == By.PROGRAM) {
            throw new LinkException(
                    Fault.CARD,
                    "This card holds what was written on it here, at "
                            + told(card.index().written())
                            + ", and not what the radio holds. Take it in on the radio, export there, then read the card.");
        }
        watch.isThere(dated(card));
        course.advance(Phase.READ, radio.layout().bytes());
        watch.memoryWasRead(card.image());
        return card.image();
    }

    @Override
    public MemoryImage write(MemoryImage from, MemoryImage to) throws LinkException {
        Optional<Card> before = begin();
        if (before.isPresent()
                && before.get().index().by() == By.RADIO
                && !before.get().image().equals(from)) {
            watch.memoryWasRead(before.get().image());
            throw new LinkException(
                    Fault.CHANGED_SINCE_READ,
                    "The radio has exported something else to this card since it was read. What is on it now is kept as a"
                            + " snapshot; look at what writing would change now.");
        }
        return written(before, to);
    }

    @Override
    public MemoryImage restore(MemoryImage to) throws LinkException {
        Optional<Card> before = begin();
        before.filter(card -> card.index().by() == By.RADIO).ifPresent(card -> watch.memoryWasRead(card.image()));
        return written(before, to);
    }

    @Override
    public boolean leavesTheRest() {
        return true;
    }

    /** The cost of writing a card: nothing worth telling. */
    public static WriteEstimate estimate(MemoryImage from, MemoryImage to) {
        return from.equals(to) ? new WriteEstimate(0, 0, 0) : new WriteEstimate(1, to.size(), 1);
    }

    /** A card that holds something broken is not written over: it may be the only copy of something. */
    private Optional<Card> begin() throws LinkException {
        course.adds(radio.layout().bytes());
        course.in(Phase.IDENTIFY);
        course.stopIfTold();
        Optional<Card> card = Card.read(radio, family, folder);
        if (card.isPresent()) {
            requireNoCopy(card.get().text());
            watch.isThere(card.get().identity());
        }
        return card;
    }

    /** The radio looks into its own folder alone, and a copy that lies deeper may be somebody's only one. */
    private void requireNoCopy(String text) throws LinkException {
        String at = text.substring(0, text.lastIndexOf('/') + 1);
        if (!at.isEmpty() && !at.equalsIgnoreCase(family.folder() + "/")) {
            throw new LinkException(
                    Fault.CARD,
                    "What is here is a copy, in " + at + ", where a " + radio.title()
                            + " does not look. To write to it, open that folder; else open the card itself. Nothing was"
                            + " written.");
        }
    }

    /** Where the radio's own lies, wherever the card was opened and however it spells its names: a second one beside it is none. */
    private MemoryImage written(Optional<Card> before, MemoryImage to) throws LinkException {
        course.in(Phase.WRITE);
        course.stopIfTold();
        String file = before.map(Card::memory).orElse(family.folder() + "/" + family.file());
        String text = before.map(Card::text).orElse(family.folder() + "/" + CardIndex.NAME);
        String name = file.substring(file.lastIndexOf('/') + 1);
        byte[] index =
                new CardIndex(radio.line().usualIdent(), By.PROGRAM, now, name, to.size(), to.cyclicSum()).text();
        try {
            // The text goes last: beside an older text the checksum does not match, so the radio imports nothing.
            if (before.isPresent()) {
                folder.replace(file, to.toBytes());
                folder.replace(text, index);
            } else {
                // Only an index proves that a file belongs to the radio, so without one nothing may be overwritten.
                folder.create(file, to.toBytes());
                folder.create(text, index);
            }
        } catch (IOException refused) {
            throw new LinkException(
                    Fault.CARD_REFUSED,
                    "The card cannot be written: " + refused.getMessage()
                            + ". The radio still holds what it held; make room on the card or use another one.");
        }
        course.in(Phase.READ_BACK);
        Optional<Card> back = Card.read(radio, family, folder);
        if (back.isEmpty() || !back.get().image().equals(to)) {
            throw new LinkException(
                    Fault.NOT_AS_WRITTEN,
                    "The card reads back differently from what was written. It may be worn out. Do not import it on the"
                            + " radio; write another card.");
        }
        course.advance(Phase.READ_BACK, to.size());
        return to;
    }

    /** The date is told always: a card of last year looks like one of today. */
    private static Identity dated(Card card) {
        String exported = "The radio exported it at " + told(card.index().written()) + " by its own clock.";
        return new Identity(
                card.identity().said(),
                Optional.of(card.identity().word().map(word -> word + " ").orElse("") + exported));
    }

    private static String told(LocalDateTime when) {
        return when.toLocalDate() + " " + when.toLocalTime();
    }
}
