package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.NameRule;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ShownNames;

/** Keeps names apart that are apart in the list and would look alike on a radio. */
final class NamesApart {
    static final FindingKind APART = new FindingKind(
            "fit-name-told-apart",
            Severity.NOTE,
            "Shortened like {otherName} in slot {other} it would show as {shown} too.",
            "Choose names that differ in their first characters, or a short name of your own.");

    private final NameRule rule;
    private final Carrying carrying;

    NamesApart(NameRule rule, Carrying carrying) {
        this.rule = rule;
        this.carrying = carrying;
    }

    List<Placement> apart(List<Placement> placements) {
        List<Placement> going =
                placements.stream().filter(each -> each.content().isPresent()).toList();
        List<ShownNames.Shown> shown = ShownNames.of(
                going.stream()
                        .map(each -> wanted(
                                each.entry(), carrying.overrule(each.entry().id()), rule))
                        .toList(),
                rule);
        List<Placement> result = new ArrayList<>(placements);
        int next = 0;
        for (int i = 0; i < result.size(); i++) {
            if (result.get(i).content().isPresent()) {
                ShownNames.Shown name = shown.get(next++);
                if (name.apart().isPresent()) {
                    result.set(
                            i,
                            renamed(result.get(i), name, going.get(name.apart().getAsInt())));
                }
            }
        }
        return result;
    }

    /** The name that it has in this radio alone, else its own with the short one that was chosen for radios like this. */
    static ShownNames.Wanted wanted(ListEntry entry, Optional<Carrying.Overrule> overrule, NameRule rule) {
        return overrule.flatMap(Carrying.Overrule::name)
                .map(name -> new ShownNames.Wanted(name, Optional.empty()))
                .orElseGet(() -> new ShownNames.Wanted(entry.channel().name(), entry.shortName(rule.longest())));
    }

    private Placement renamed(Placement placement, ShownNames.Shown name, Placement other) {
        RadioSlot content = placement.content().orElseThrow();
        Optional<Carrying.Overrule> overrule =
                carrying.overrule(placement.entry().id());
        String written = wanted(placement.entry(), overrule, rule).name();
        boolean own = overrule.flatMap(Carrying.Overrule::name).isPresent();
        List<FitReason> reasons = new ArrayList<>(placement.reasons());
        reasons.removeIf(
                each -> each.field() == Field.NAME && !each.finding().kind().equals(OverruleConcern.OTHERWISE));
        reasons.add(new FitReason(
                FitMark.ADAPTED,
                new Finding(
                        APART,
                        Field.NAME,
                        Map.of(
                                "otherName", other.entry().channel().name(),
                                "other", String.valueOf(other.slot()),
                                "shown", name.shortened()),
                        // A name that only this radio has is no matter of the list.
                        own
                                ? List.of()
                                : List.of(new Fix(
                                        "Call it " + name.shown(),
                                        new Edit.ReplaceChannel(
                                                placement.entry().channel().withName(name.shown()))))),
                written,
                name.shown()));
        return new Placement(
                placement.slot(),
                placement.place(),
                placement.entry(),
                placement.mark().compareTo(FitMark.ADAPTED) > 0 ? placement.mark() : FitMark.ADAPTED,
                reasons,
                Optional.of(content.withName(name.shown())));
    }
}
