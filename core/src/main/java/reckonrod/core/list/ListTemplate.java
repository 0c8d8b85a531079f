package reckonrod.core.list;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;

/**
 * The beginning of a list: blocks one behind the other and what belongs into them, without channels.
 *
 * @param id its name in addresses
 * @param words its name on screen
 * @param blocks the blocks in order
 */
public record ListTemplate(String id, String words, List<Part> blocks) {
    private static final List<ListTemplate> SHIPPED = DataFile.readResource(
            ListTemplate.class,
            "/reckonrod/core/list/templates.yaml",
            section -> section.sections("templates", ListTemplate::read));

    /**
     * A block to be.
     *
     * @param slots how many slots it has, 1 to 999
     * @param asked what belongs there; absent if it is filled by hand
     */
    record Part(String name, int slots, Optional<Ordering> order, Optional<Asked> asked) {}

    /** What belongs there, before a band plan says what its bands and calling frequencies are. */
    record Asked(
            boolean calling,
            List<String> bands,
            Set<Belongs.Use> uses,
            Set<DirectoryFlag> flags,
            int spare,
            Filling.WhenFull full) {
        Optional<Filling> by(BandPlan plan) {
            List<Belongs.Span> spans = Belongs.spans(plan).stream()
                    .filter(each -> calling && each.words().equals(Belongs.CALLING) || bands.contains(each.words()))
                    .toList();
            return spans.isEmpty() && (calling || !bands.isEmpty())
                    ? Optional.empty()
                    : Optional.of(new Filling(
                            new Belongs(spans, uses, Optional.empty(), Set.of(), flags, List.of(), Optional.empty()),
                            spare,
                            full));
        }
    }

    public ListTemplate {
        blocks = List.copyOf(blocks);
    }

    /** All of them; never empty. */
    public static List<ListTemplate> shipped() {
        return SHIPPED;
    }

    /** The names of its blocks. */
    public List<String> names() {
        return blocks.stream().map(Part::name).toList();
    }

    /** How many slots all blocks have together. */
    public int slots() {
        return blocks.stream().mapToInt(Part::slots).sum();
    }

    /**
     * A list that begins so.
     *
     * @param slots at least as many as the blocks have together
     * @throws IllegalArgumentException if they are fewer, in words
     */
    public ChannelList list(String name, BandPlan plan, SlotRange slots) {
        if (slots.count() < slots()) {
            throw new IllegalArgumentException("The blocks of \"" + words + "\" have " + slots()
                    + " slots together; the list must have at least as many, was " + slots.count());
        }
        List<Block> made = new ArrayList<>();
        int first = slots.first();
        for (Part part : blocks) {
            Optional<Filling> filling = part.asked().flatMap(asked -> asked.by(plan));
            if (filling.isPresent() || part.asked().isEmpty()) {
                made.add(new Block(
                        part.name(),
                        new SlotRange(first, first + part.slots() - 1),
                        part.order(),
                        filling,
                        Optional.empty()));
                first += part.slots();
            }
        }
        return new ChannelList(name, plan.id(), "", slots, NameRecipe.PLACE, made, Collections.emptyNavigableMap());
    }

    private static ListTemplate read(Section section) {
        List<Part> parts = section.sections("blocks", ListTemplate::part);
        for (Part part : parts) {
            part.asked()
                    .flatMap(asked -> asked.full().passesTo())
                    .filter(to -> parts.stream().noneMatch(each -> each.name().equals(to)))
                    .ifPresent(to -> section.fault("overflow must be a block of the template, was \"" + to + "\""));
        }
        return new ListTemplate(section.text("id"), section.text("words"), parts);
    }

    private static Part part(Section section) {
        return new Part(
                section.text("name"),
                section.number("slots", 1, 999),
                section.optionalText("order").map(word -> constant(Ordering.By.values(), word)),
                section.optionalSection("belongs").map(belongs -> asked(section, belongs)));
    }

    private static Asked asked(Section section, Section belongs) {
        return new Asked(
                belongs.optionalText("calling").isPresent(),
                belongs.optionalValues("bands", word -> word),
                Set.copyOf(belongs.optionalValues("uses", word -> constant(Belongs.Use.values(), word))),
                Set.copyOf(belongs.optionalValues("flags", word -> constant(DirectoryFlag.values(), word))),
                section.optionalText("spare").isPresent() ? section.number("spare", 0, Filling.MOST_SPARE) : 0,
                section.value("full", word -> full(section, word), new Filling.WhenFull.Refuse()));
    }

    private static Filling.WhenFull full(Section section, String word) {
        return switch (word) {
            case "grow" -> new Filling.WhenFull.Grow();
            case "refuse" -> new Filling.WhenFull.Refuse();
            case "overflow" -> new Filling.WhenFull.Overflow(section.text("overflow"));
            default ->
                throw new IllegalArgumentException("full must be grow, refuse or overflow, was \"" + word + "\"");
        };
    }

    private static <E extends Enum<E>> E constant(E[] all, String word) {
        return Arrays.stream(all)
                .filter(each ->
                        each.name().toLowerCase(Locale.ROOT).replace('_', ' ').equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "must be one of " + Arrays.toString(all) + ", was \"" + word + "\""));
    }
}
