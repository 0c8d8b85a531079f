package reckonrod.core.load;

import java.time.LocalDateTime;
import reckonrod.core.definition.LinkDefinition.Cable;
import reckonrod.core.definition.LinkDefinition.Family;
import reckonrod.core.definition.LinkDefinition.FramedPackets;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.LinkDefinition.PolledBlocks;
import reckonrod.core.definition.LinkDefinition.StreamedClone;
import reckonrod.core.definition.LinkDefinition.VariableRecords;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Folder;
import reckonrod.core.link.Line;
import reckonrod.core.link.Loader;
import reckonrod.core.link.Port;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.WriteEstimate;
import reckonrod.core.link.blocks.BlockLink;
import reckonrod.core.link.blocks.BlockLoader;
import reckonrod.core.link.card.CardLoader;
import reckonrod.core.link.clone.CloneLoader;
import reckonrod.core.link.packets.PacketLink;
import reckonrod.core.link.polled.PolledLink;
import reckonrod.core.link.records.RecordLoader;

/** Chooses how a radio is loaded by the family of its link. */
public final class Loaders {
    private Loaders() {}

    /**
     * A loader, to be used once.
     *
     * @param radio the model that is expected at the other end
     * @param line what leads to it, open
     * @param watch follows the transfer and may stop it
     * @param now the time, for what keeps one
     * @throws IllegalStateException if the radio is not loaded over such a line
     */
    public static Loader over(RadioDefinition radio, Line line, TransferWatch watch, LocalDateTime now) {
        Family family = radio.line().family();
        if (family instanceof MemoryCard card) {
            if (line instanceof Folder folder) {
                return new CardLoader(radio, card, folder, watch, now);
            }
            throw new IllegalStateException("The " + radio.title() + " is loaded by a card, not by a cable");
        }
        if (!(line instanceof Port port)) {
            throw new IllegalStateException("The " + radio.title() + " is loaded by a cable, not by a card");
        }
        Cable cable = (Cable) family;
        if (cable instanceof PolledBlocks polled) {
            return blocks(radio, polled, new PolledLink(radio, polled, port), watch);
        } else if (cable instanceof FramedPackets packets) {
            return blocks(radio, packets, new PacketLink(radio, packets, port), watch);
        } else if (cable instanceof StreamedClone clone) {
            return new CloneLoader(radio, clone, port, watch);
        }
        return new RecordLoader(radio, (VariableRecords) cable, port, watch);
    }

    private static Loader blocks(RadioDefinition radio, Cable cable, BlockLink link, TransferWatch watch) {
        return new BlockLoader(link, radio.layout().bytes(), cable.blockBytes(), watch);
    }

    /**
     * The cost of bringing a radio from one image to another.
     *
     * @throws IllegalStateException if the radio is loaded neither by cable nor by card
     */
    public static WriteEstimate estimate(RadioDefinition radio, MemoryImage from, MemoryImage to) {
        Family family = radio.line().family();
        if (family instanceof PolledBlocks polled) {
            return BlockLoader.estimate(polled, PolledLink.BYTES_AROUND_BLOCK, from, to);
        } else if (family instanceof FramedPackets packets) {
            return BlockLoader.estimate(packets, PacketLink.BYTES_AROUND_BLOCK, from, to);
        } else if (family instanceof StreamedClone clone) {
            return CloneLoader.estimate(clone, from, to);
        } else if (family instanceof VariableRecords records) {
            return RecordLoader.estimate(records, from, to);
        }
        return CardLoader.estimate(from, to);
    }
}
