package reckonrod.server.practice;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.drill.Drill;
import reckonrod.core.drill.Practice;
import reckonrod.core.fit.Placement;
import reckonrod.core.radio.RadioSlot;
import reckonrod.server.carry.KnownKeys;
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
        KnownKeys.of(unit.definition());
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
        Drill drill = practice.drill(
                        contents(placed), placement.place().orElseThrow(), Math.floorMod(channel.hashCode(), 2) == 1)
                .orElseThrow(() -> ProblemException.refused(
                        "not-by-keys",
                        "Not by keys",
                        placement.entry().channel().label() + " cannot be keyed into this radio; Arrange says why, with"
                                + " K. Choose another drill."));
        return new Task(drill, practice.words(drill));
    }
}
