package reckonrod.server.prove;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.Finder;
import reckonrod.core.fit.Placement;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.prove.WhoHears;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;
import reckonrod.server.fit.Loading;
import reckonrod.server.radios.RadioUnit;

/** Who hears whom on the channels of a list, with the radios that people have and from where they stand. */
@Component
class WhoHearsWhom {
    private final OnTheAir air;
    private final Loading loading;

    WhoHearsWhom(OnTheAir air, Loading loading) {
        this.air = air;
        this.loading = loading;
    }

    /** Somebody with a radio at a place. */
    record Somebody(RadioUnit radio, Position here) {}

    /** How somebody is heard. */
    enum ByView {
        direct,
        repeater,
        not,
        apart,
        never_talks,
        not_in_radio
    }

    /** Whether one hears the other; the margin is what is to spare on the weaker stretch, in decibels. */
    record HeardView(
            ByView by,
            String words,
            @Schema(nullable = true) Double margin) {}

    /** One channel: for each who talks, how each other hears it; nothing where it is the same. */
    record HearingView(
            UUID channelId,
            int slot,
            String name,
            @Schema(nullable = true) String repeater,
            List<List<HeardView>> heard) {}

    List<HearingView> of(ChannelList list, List<UUID> wanted, List<Somebody> people) {
        List<ListEntry> channels =
                wanted.stream().map(each -> OnTheAir.channel(list, each)).toList();
        Map<UUID, DirectoryEntry> entries =
                air.entries(list, channels, people.stream().map(Somebody::here).toList());
        Finder finder = air.usualFinder(air.plan(list));
        // Two people may have the same radio in the end; each is fitted once.
        Map<String, List<Placement>> carried = new HashMap<>();
        people.forEach(each -> carried.computeIfAbsent(
                each.radio().id(), id -> loading.fit(each.radio(), list).placements()));
        return channels.stream()
                .map(channel -> {
                    Optional<DirectoryEntry> entry = Optional.ofNullable(entries.get(channel.id()));
                    WhoHears who = new WhoHears(
                            air.terrain(), air.paths(), entry.map(each -> OnTheAir.repeater(each, finder)));
                    return new HearingView(
                            channel.id(),
                            list.slotOf(channel.id()).orElseThrow(),
                            channel.channel().label(),
                            entry.map(DirectoryEntry::label).orElse(null),
                            heard(
                                    who,
                                    people.stream()
                                            .map(each -> post(
                                                    carried.get(each.radio().id()), channel, each))
                                            .toList()));
                })
                .toList();
    }

    private static List<List<HeardView>> heard(WhoHears who, List<Optional<WhoHears.Post>> posts) {
        List<List<HeardView>> heard = new ArrayList<>();
        for (int talker = 0; talker < posts.size(); talker++) {
            List<HeardView> row = new ArrayList<>();
            for (int listener = 0; listener < posts.size(); listener++) {
                row.add(talker == listener ? null : heard(who, posts.get(talker), posts.get(listener)));
            }
            heard.add(row);
        }
        return heard;
    }

    private static Optional<WhoHears.Post> post(List<Placement> carried, ListEntry channel, Somebody somebody) {
        RadioModel model = somebody.radio().definition().model();
        return OnTheAir.placement(carried, channel.id())
                .flatMap(Placement::content)
                .map(slot -> new WhoHears.Post(slot, model.kind().word(), watts(model, slot), somebody.here()));
    }

    private static BigDecimal watts(RadioModel model, RadioSlot slot) {
        return OnTheAir.levels(model).at(slot.power());
    }

    private static HeardView heard(WhoHears who, Optional<WhoHears.Post> talker, Optional<WhoHears.Post> listener) {
        if (talker.isEmpty() || listener.isEmpty()) {
            return new HeardView(ByView.not_in_radio, "not: one of the radios does not carry it", null);
        }
        WhoHears.Heard heard = who.from(talker.get(), listener.get());
        return new HeardView(
                ByView.valueOf(heard.by().name().toLowerCase(Locale.ROOT)),
                heard.by().words(),
                Double.isFinite(heard.marginDecibels()) ? Math.rint(heard.marginDecibels() * 10) / 10 : null);
    }
}
