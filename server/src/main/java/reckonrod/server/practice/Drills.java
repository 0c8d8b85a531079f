package reckonrod.server.practice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import reckonrod.core.drill.Drill;
import reckonrod.core.drill.Practice;
import reckonrod.core.fit.Placement;
import reckonrod.core.radio.RadioSlot;
import reckonrod.server.fit.Loading;
import reckonrod.server.lists.ListStore;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Drills made from a list as it is in a radio. Nothing of the radio itself is touched. */
@Component
class Drills {
    private final ListStore lists;
    private final RadioUnits radios;
    private final Loading loading;

    Drills(ListStore lists, RadioUnits radios, Loading loading) {
        this.lists = lists;
        this.radios = radios;
        this.loading = loading;
    }

    /** The radio, if its keys are known. */
    RadioUnit unit(String radio) {
        RadioUnit unit = radios.get(radio);
        if (unit.definition().panel().isEmpty()) {
            throw ProblemException.refused(
                    "keys-unknown",
                    "Its keys are not known",
                    "The definition of the " + unit.definition().title()
                            + " does not say what its keys do. It can be added under Models, as panel.");
        }
        return unit;
    }

    /** The channels of the list that go into the radio, by their slots. */
    List<Placement> placed(UUID list, RadioUnit unit) {
        return loading.fit(unit, lists.get(list).list()).placements().stream()
                .filter(each -> each.content().isPresent() && each.place().isPresent())
                .toList();
    }

    /** What the radio would hold of the list. */
    static Map<Integer, RadioSlot> contents(List<Placement> placed) {
        Map<Integer, RadioSlot> contents = new TreeMap<>();
        placed.forEach(
                each -> contents.put(each.place().orElseThrow(), each.content().orElseThrow()));
        return contents;
    }

    /** A drill with its task in words. */
    record Task(Drill drill, String words) {}

    /** To store a channel. Every second one goes into a slot that holds something else, as slots do. */
    Task task(Practice practice, List<Placement> placed, UUID channel) {
        Placement placement = placed.stream()
                .filter(each -> each.entry().id().equals(channel))
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(
                        "This channel is not in the list any more, or the radio leaves it out. Choose another drill."));
        int slot = placement.place().orElseThrow();
        RadioSlot content = placement.content().orElseThrow();
        Map<Integer, RadioSlot> others = contents(placed);
        others.remove(slot);
        Optional<RadioSlot> other = others.values().stream()
                .filter(each -> !each.receive().equals(content.receive()))
                .findFirst();
        if (Math.floorMod(channel.hashCode(), 2) == 1) {
            other.ifPresent(each -> others.put(slot, each));
        }
        Drill drill = practice.drill(others, slot, content)
                .orElseThrow(() -> ProblemException.refused(
                        "not-by-keys",
                        "Not by keys",
                        placement.entry().channel().label() + " cannot be keyed into this radio; Arrange says why, with"
                                + " K. Choose another drill."));
        return new Task(
                drill, words(drill, practice.machine().radio().limits().scan().called()));
    }

    private static String words(Drill drill, String bank) {
        String name = drill.wanted().name();
        return "Store " + drill.wanted().words() + " in slot " + drill.slot()
                + (name.isEmpty() ? "" : " as " + name)
                + (drill.wanted().banks().isEmpty()
                        ? ""
                        : ", " + bank + " "
                                + drill.wanted().banks().stream()
                                        .map(String::valueOf)
                                        .collect(Collectors.joining(", ")))
                + ".";
    }
}
