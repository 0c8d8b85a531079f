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

    NamesApart(NameRule rule) {
        this.rule = rule;
    }

    List<Placement> apart(List<Placement> placements) {
        List<Placement> going =
                placements.stream().filter(each -> each.content().isPresent()).toList();
        List<ShownNames.Shown> shown = ShownNames.of(
                going.stream().map(each -> wanted(each.entry(), rule)).toList(), rule);
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

    /** A name with the short one that was chosen for radios like this. */
    static ShownNames.Wanted wanted(ListEntry entry, NameRule rule) {
        return new ShownNames.Wanted(entry.channel().name(), entry.shortName(rule.longest()));
    }

    private static Placement renamed(Placement placement, ShownNames.Shown name, Placement other) {
        RadioSlot content = placement.content().orElseThrow();
        String written = placement.entry().channel().name();
        List<FitReason> reasons = new ArrayList<>(placement.reasons());
        reasons.removeIf(each -> each.field() == Field.NAME);
        reasons.add(new FitReason(
                FitMark.ADAPTED,
                new Finding(
                        APART,
                        Field.NAME,
                        Map.of(
                                "otherName", other.entry().channel().name(),
                                "other", String.valueOf(other.slot()),
                                "shown", name.shortened()),
                        List.of(new Fix(
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
