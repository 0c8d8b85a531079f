package reckonrod.core.prove;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.air.Call;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.core.fieldlog.Result;
import reckonrod.core.find.Finder;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.reach.Verdict;

/**
 * What a person's own tests say of a repeater. That it answered is said whatever the channel was. That it did not counts against it
 * only if the channel was as the directory has it, and the place not known to be out of reach: else the fault lies there.
 */
public final class OwnTests {
    private final Finder finder;
    private final BandPlan plan;
    private final ZoneId zone;

    /**
     * Weighs tests.
     *
     * @param finder knows inputs and reach
     * @param plan reads the lines of the channels that were tried
     * @param zone where the days of the tests are counted
     */
    public OwnTests(Finder finder, BandPlan plan, ZoneId zone) {
        this.finder = finder;
        this.plan = plan;
        this.zone = zone;
    }

    /** An entry with what tests of it say; they may come in any order. */
    public DirectoryEntry heeded(DirectoryEntry entry, Collection<FieldTest> tests) {
        List<FieldTest> newest = tests.stream()
                .sorted(Comparator.comparing(FieldTest::at).reversed())
                .toList();
        Set<LocalDate> silent = new HashSet<>();
        for (FieldTest test : newest) {
            LocalDate day = LocalDate.ofInstant(test.at(), zone);
            if (test.result() == Result.PROVEN) {
                return entry.answeredOn(day).triedInVain(silent);
            }
            if (test.result() == Result.SILENT && !silent.contains(day) && shouldHaveAnswered(entry, test)) {
                silent.add(day);
            }
        }
        return entry.triedInVain(silent);
    }

    private boolean shouldHaveAnswered(DirectoryEntry entry, FieldTest test) {
        boolean outOfReach = test.position()
                .flatMap(here -> finder.reach(here, entry))
                .filter(reach -> reach.verdict() == Verdict.UNLIKELY)
                .isPresent();
        return !outOfReach
                && Reckoner.reckon(test.line(), plan)
                        .channel()
                        .filter(each -> opens(each, entry))
                        .isPresent();
    }

    private boolean opens(Channel channel, DirectoryEntry entry) {
        Frequency input = finder.input(entry);
        return Call.isOn(channel.receive(), entry.signal().output())
                && channel.transmit().filter(talk -> Call.isOn(talk, input)).isPresent()
                && (!entry.signal().talkTone().isPresent()
                        || channel.talkTone().sameOnAir(entry.signal().talkTone()))
                && (!channel.listenTone().isPresent()
                        || channel.listenTone().opensFor(entry.signal().listenTone()));
    }
}
