package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.notation.Reckoner;

class ListTemplateTest {
    static List<BandPlan> plans() {
        return List.copyOf(BandPlans.shipped().all());
    }

    /** Each template makes a list by each plan, with blocks that pass on to one that is there. */
    @ParameterizedTest
    @MethodSource("plans")
    void everyTemplateMakesAListByEveryPlan(BandPlan plan) {
        for (ListTemplate template : ListTemplate.shipped()) {
            SlotRange slots = new SlotRange(1, template.slots());
            ChannelList list = template.list("New", plan, slots);
            assertThat(list.blocks()).as(template.id()).isNotEmpty();
            assertThat(list.blocks().get(0).slots().first()).isEqualTo(1);
            assertThat(list.blocks().stream().flatMap(each -> each.filling().stream()))
                    .as(template.id())
                    .allSatisfy(filling -> filling.full()
                            .passesTo()
                            .ifPresent(to -> assertThat(list.blocks())
                                    .extracting(Block::name)
                                    .contains(to)));
            assertThatThrownBy(() -> template.list("New", plan, new SlotRange(1, template.slots() - 1)))
                    .hasMessageContaining("at least as many, was " + (template.slots() - 1));
        }
    }

    /** What a traveller types goes where a traveller looks for it. */
    @ParameterizedTest
    @CsvSource({
        "CALL 146.520, Calling",
        "LEG 1 147.510, Simplex",
        "SKARRA 145.310- 71.9, 2 m repeaters",
        "443.500+ 88.5, 70 cm repeaters",
        "224.500-, Other repeaters",
        "TOWER 132.810 am, Listen only"
    })
    void aTravellersLinesFindTheirBlocks(String line, String block) {
        BandPlan plan = BandPlans.shipped().find("r2-north-america").orElseThrow();
        ListTemplate traveller = ListTemplate.shipped().get(0);
        ChannelList list = traveller.list("Way", plan, new SlotRange(0, 249));
        ListEntry entry = ListEntry.of(
                new UUID(0, 1), Reckoner.reckon(line, plan).channel().orElseThrow(), line);
        ListChange.Changed put = (ListChange.Changed) new ListEdit.Put(0, List.of(entry)).applyTo(list);
        assertThat(put.list().blockAt(put.slot()).orElseThrow().name()).isEqualTo(block);
    }
}
