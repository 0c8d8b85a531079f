package reckonrod.server.carry;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.fit.Placement;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.keying.ListSheets;
import reckonrod.core.list.ChannelList;
import reckonrod.server.fit.Loading;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** Works out how lists are keyed into radios. */
@Component
class KeyWork {
    private final RadioUnits radios;
    private final Loading loading;

    KeyWork(RadioUnits radios, Loading loading) {
        this.radios = radios;
        this.loading = loading;
    }

    /** A whole list, or only what differs from what the radio was read to hold last. */
    ListSheets sheets(RadioUnit unit, ChannelList list, boolean differing) {
        return sheets(unit, loading.fit(unit, list).placements(), differing);
    }

    /** Some channels of a list. */
    ListSheets sheets(RadioUnit unit, ChannelList list, Collection<UUID> channels, boolean differing) {
        return sheets(
                unit,
                loading.fit(unit, list).placements().stream()
                        .filter(each -> channels.contains(each.entry().id()))
                        .toList(),
                differing);
    }

    private ListSheets sheets(RadioUnit unit, List<Placement> placements, boolean differing) {
        KnownKeys.of(unit.definition());
        Optional<MemoryImage> read = radios.lastRead(unit).map(Snapshot::image);
        if (!differing) {
            return ListSheets.of(unit.definition(), read, placements);
        }
        return ListSheets.ofDifferences(
                unit.definition(),
                read.orElseThrow(() -> ProblemException.refused(
                        "never-read",
                        "Read it first",
                        "Nobody knows what " + unit.name()
                                + (unit.unknownSince().isPresent()
                                        ? " holds since an archive was restored."
                                        : " holds: it was never read.")
                                + " Read it under Load, or print key sheets for the whole list.")),
                placements);
    }
}
