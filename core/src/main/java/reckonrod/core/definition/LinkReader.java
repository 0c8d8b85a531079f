package reckonrod.core.definition;

import java.util.List;
import reckonrod.core.datafile.Section;
import reckonrod.core.definition.LinkDefinition.Family;
import reckonrod.core.definition.LinkDefinition.FramedPackets;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.LinkDefinition.Pace;
import reckonrod.core.definition.LinkDefinition.PolledBlocks;
import reckonrod.core.definition.LinkDefinition.StreamedClone;
import reckonrod.core.definition.LinkDefinition.VariableRecords;

/** Reads how a radio is loaded; each family has figures of its own. */
final class LinkReader {
    private static final List<String> FAMILIES = List.of(
            PolledBlocks.WORDS, FramedPackets.WORDS, StreamedClone.WORDS, VariableRecords.WORDS, MemoryCard.WORDS);

    private LinkReader() {}

    static LinkDefinition read(Section section) {
        return new LinkDefinition(
                family(section, section.value("family", LinkReader::known, PolledBlocks.WORDS)),
                section.text("ident"),
                section.optionalText("firmware"),
                section.values("person", text -> text));
    }

    private static String known(String words) {
        if (!FAMILIES.contains(words)) {
            throw new IllegalArgumentException(
                    "family must be one of " + String.join(", ", FAMILIES) + ", was \"" + words + "\"");
        }
        return words;
    }

    private static Family family(Section section, String words) {
        return switch (words) {
            case FramedPackets.WORDS -> new FramedPackets(pace(section), block(section));
            case StreamedClone.WORDS ->
                new StreamedClone(
                        pace(section),
                        block(section),
                        section.values("send", text -> text),
                        section.values("take", text -> text));
            case VariableRecords.WORDS -> new VariableRecords(pace(section), block(section));
            case MemoryCard.WORDS ->
                new MemoryCard(
                        section.value("folder", MemoryCard::requireFolder, "CARD"),
                        section.value("file", MemoryCard::requireFile, "CARD.BIN"),
                        section.values("export", text -> text),
                        section.values("take_in", text -> text));
            default ->
                new PolledBlocks(
                        pace(section),
                        block(section),
                        section.optionalText("tells_changed").isPresent()
                                && section.value("tells_changed", DefinitionReader::yes, false));
        };
    }

    private static Pace pace(Section section) {
        return new Pace(
                section.number("baud", 300, 1_000_000),
                section.number("answer_within_ms", 10, 60_000),
                section.number("tries", 1, 10));
    }

    private static int block(Section section) {
        return section.number("block_bytes", 1, 128);
    }
}
