package reckonrod.server.radios;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.fit.ByHandStep;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotDifference;

/**
 * Cards that were written and are on their way. What was written is in the radio only when it has exported the very same; up
 * to then nothing is said to be in it.
 */
@Service
@Transactional
public class CardsOut {
    private final CardOutRepository cards;
    private final RadioUnits units;
    private final ByHand byHand;

    CardsOut(CardOutRepository cards, RadioUnits units, ByHand byHand) {
        this.byHand = byHand;
        this.cards = cards;
        this.units = units;
    }

    /**
     * A card on its way.
     *
     * @param image what is on it
     * @param before the digest of what the radio held
     * @param listId the list that it was written with; nothing where a snapshot was put back
     * @param what the name of the list or snapshot
     * @param slots those whose channels came from a list
     * @param byHand what is left to do on the radio once it is in
     */
    public record Out(
            MemoryImage image,
            String before,
            Optional<UUID> listId,
            String what,
            List<Integer> slots,
            List<ByHandStep> byHand,
            Instant at) {}

    /** The card that is out for a radio, if one is. */
    @Transactional(readOnly = true)
    public Optional<Out> of(String radioId) {
        return cards.findById(radioId).map(CardOutRecord::out);
    }

    /** A card goes out; one that went before is forgotten. */
    public void goes(String radioId, Out out) {
        cards.save(new CardOutRecord(radioId, out));
    }

    /** The person gives it up. */
    public void forget(String radioId) {
        cards.deleteById(radioId);
    }

    /** What it means that the radio has exported this, if a card was out. */
    @Transactional(readOnly = true)
    public Optional<String> meaning(RadioUnit unit, MemoryImage exported) {
        return of(unit.id()).map(out -> {
            if (out.image().equals(exported)) {
                return unit.name() + " took the card in: it holds " + out.what() + ", byte for byte.";
            }
            if (out.before().equals(exported.digest())) {
                return unit.name()
                        + " has not taken the card in: it exported what it held before. Take the card in on the"
                        + " radio, then export again.";
            }
            int slots = SlotDifference.between(new ImageCodec(unit.definition()), exported, out.image())
                    .size();
            return unit.name() + " exported something else than was on the card: " + slots
                    + (slots == 1 ? " slot differs" : " slots differ")
                    + ". Look at the difference, and write the card anew.";
        });
    }

    /** The radio has exported this; what was out is in it if that is the very same. */
    public void cameBack(RadioUnit unit, MemoryImage exported) {
        of(unit.id()).filter(out -> out.image().equals(exported)).ifPresent(out -> {
            out.listId().ifPresent(list -> {
                units.wasWritten(unit.id(), list, out.what(), exported, out.slots());
                byHand.follow(unit.id(), out.byHand());
            });
            forget(unit.id());
        });
    }
}
