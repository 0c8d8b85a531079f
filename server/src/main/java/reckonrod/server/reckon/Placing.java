package reckonrod.server.reckon;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.fit.FitReason;
import reckonrod.core.fit.Fitter;
import reckonrod.core.fit.Placement;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.server.lists.ListStore;
import reckonrod.server.radios.RadioUnits;

/** Says where a line would go in a list, before it does. */
@Component
class Placing {
    private static final UUID NOBODY = new UUID(0, 0);

    private final ListStore lists;
    private final RadioUnits radios;

    Placing(ListStore lists, RadioUnits radios) {
        this.lists = lists;
        this.radios = radios;
    }

    ReckonAnswer.PlaceView place(UUID listId, int slot, Channel channel, String line, BandPlan plan) {
        ListEntry entry = ListEntry.of(NOBODY, channel, line);
        ChannelList list = lists.get(listId).list();
        ListChange put = ListEdit.applyAll(list, List.of(any -> new ListEdit.Put(slot, List.of(entry))));
        Optional<Integer> taken = put.fold(changed -> Optional.of(changed.slot()), refused -> Optional.empty());
        Optional<Block> filled = list.blocks().stream()
                .filter(each ->
                        each.filling().filter(it -> it.belongs().holds(entry)).isPresent())
                .findFirst()
                .flatMap(own ->
                        put.fold(changed -> changed.list().blockAt(changed.slot()), refused -> Optional.of(own)));
        List<ReckonAnswer.RadioFitView> fits = radios.all().stream()
                .map(unit -> view(
                        unit.name(),
                        new Fitter(unit.definition().model(), plan, unit.carrying())
                                .fit(taken.orElse(slot), entry, list.blocks())))
                .toList();
        return new ReckonAnswer.PlaceView(
                taken.orElse(null),
                filled.map(Block::name).orElse(null),
                put.fold(changed -> null, ListChange.Refused::reason),
                fits);
    }

    private static ReckonAnswer.RadioFitView view(String radio, Placement placement) {
        return new ReckonAnswer.RadioFitView(
                radio,
                placement.mark().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
                placement.reasons().stream().map(FitReason::why).toList());
    }
}
