package reckonrod.core.image;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import reckonrod.core.image.SlotDifference.Kind;
import reckonrod.core.radio.Contents;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.RadioSlot;

/**
 * What a write will do to each slot of a radio, worked out before anything is written: nothing that only the radio has goes
 * unless that is shown and meant.
 *
 * @param image what the radio shall hold
 * @param slots every slot that a list would have otherwise than the radio, written or left as it is, rising
 * @param settings the settings of the whole radio that are set
 * @param held how many channels the radio will hold
 */
public record WritePlan(MemoryImage image, List<Planned> slots, List<SettingChange> settings, int held) {
    /** Where what a slot holds now came from. */
    public enum Origin {
        /** No list ever wrote there what is there, or there is nothing. */
        RADIO,
        /** A list wrote it, and it is as it was written. */
        LIST,
        /** A list wrote something there, and it was changed on the radio since. */
        CHANGED_SINCE,
        /** A list wrote something there, and it was taken away on the radio since. */
        REMOVED_SINCE
    }

    /**
     * One slot, three ways: what was written last, what the radio holds now, what the list wants.
     *
     * @param difference what it holds now, and what the list would have it hold
     * @param written what was written there from a list last time; absent if nothing was
     * @param left whether it is left as it is
     */
    public record Planned(SlotDifference difference, Optional<SlotReading> written, boolean left) {
        /** Where what it holds now came from. */
        public Origin origin() {
            if (written.isEmpty()) {
                return Origin.RADIO;
            }
            return difference.before().isEmpty()
                    ? Origin.REMOVED_SINCE
                    : difference.before().equals(written) ? Origin.LIST : Origin.CHANGED_SINCE;
        }

        /** Whether what it holds was written there from a list; else only the radio has it. */
        public boolean fromList() {
            return origin() == Origin.LIST;
        }

        /** Whether somebody changed it on the radio since a list wrote it. */
        public boolean isDrift() {
            return origin() == Origin.CHANGED_SINCE || origin() == Origin.REMOVED_SINCE;
        }
    }

    /**
     * A setting of the whole radio that is set.
     *
     * @param before what it is set to now; absent where its bytes mean none of its values
     * @param after what it will be set to
     */
    public record SettingChange(RadioSetting setting, Optional<String> before, String after) {}

    public WritePlan {
        slots = List.copyOf(slots);
        settings = List.copyOf(settings);
    }

    /**
     * Works it out.
     *
     * @param before what the radio holds
     * @param contents what the list puts into it
     * @param writtenBefore what was written from a list last time, by slot; empty if nothing was
     * @param leave the slots that the person leaves as they are; absent for the usual: what would be removed and came from no
     *     list
     */
    public static WritePlan of(
            ImageCodec codec,
            MemoryImage before,
            Contents contents,
            Map<Integer, SlotReading> writtenBefore,
            Optional<Set<Integer>> leave) {
        return of(codec, before, contents, writtenBefore, leave, Map.of());
    }

    /**
     * The same, with settings of the whole radio besides.
     *
     * @param settings what they shall be set to, by their names
     * @throws IllegalArgumentException if the memory has no such setting, or that no such value
     */
    public static WritePlan of(
            ImageCodec codec,
            MemoryImage before,
            Contents contents,
            Map<Integer, SlotReading> writtenBefore,
            Optional<Set<Integer>> leave,
            Map<String, String> settings) {
        MemoryImage whole = codec.encode(before, contents);
        NavigableMap<Integer, SlotReading> held = codec.decode(before);
        List<Planned> planned = new ArrayList<>();
        Map<Integer, RadioSlot> wanted = new HashMap<>(contents.slots());
        Set<Integer> kept = new TreeSet<>();
        for (SlotDifference difference : SlotDifference.between(codec, before, whole)) {
            int slot = difference.slot();
            Optional<SlotReading> written = Optional.ofNullable(writtenBefore.get(slot));
            boolean usual = difference.kind() == Kind.REMOVED && !new Planned(difference, written, false).fromList();
            boolean left = leave.map(slots -> slots.contains(slot)).orElse(usual);
            planned.add(new Planned(difference, written, left));
            if (left) {
                kept.add(slot);
                wanted.remove(slot);
            }
        }
        MemoryImage image = codec.encode(before, wanted, contents.banks(), kept);
        int count = (int) held.keySet().stream().filter(kept::contains).count()
                + (int) wanted.keySet().stream()
                        .filter(slot -> !kept.contains(slot))
                        .count();
        List<SettingChange> set = changes(codec.settings(before), settings);
        for (SettingChange change : set) {
            image = codec.with(image, change.setting, change.after);
        }
        return new WritePlan(image, planned, set, count);
    }

    private static List<SettingChange> changes(Map<RadioSetting, Optional<String>> held, Map<String, String> wanted) {
        List<SettingChange> changes = new ArrayList<>();
        wanted.forEach((name, value) -> {
            Map.Entry<RadioSetting, Optional<String>> setting = held.entrySet().stream()
                    .filter(each -> each.getKey().name().equals(name))
                    .findFirst()
                    .orElseThrow(
                            () -> new IllegalArgumentException("\"" + name + "\" is not in the memory of the radio"));
            if (!setting.getValue().equals(Optional.of(value))) {
                changes.add(new SettingChange(setting.getKey(), setting.getValue(), value));
            }
        });
        changes.sort(Comparator.comparing(each -> each.setting.name()));
        return changes;
    }

    /** How many slots of a kind are written. */
    public int count(Kind kind) {
        return (int) slots.stream()
                .filter(slot -> slot.difference.kind() == kind && !slot.left)
                .count();
    }

    /** How many channels go: removed, or replaced by others. */
    public int loses() {
        return count(Kind.REMOVED) + count(Kind.REPLACED);
    }

    /**
     * Whether it must be asked first: what came from no list goes, what somebody changed on the radio since is written over, or
     * more goes than stays.
     */
    public boolean mustBeAsked() {
        return slots.stream()
                        .anyMatch(slot ->
                                !slot.left && (slot.isDrift() || !slot.fromList() && slot.difference.takesAway()))
                || count(Kind.REMOVED) > held;
    }

    /** How many slots somebody changed on the radio since a list wrote them. */
    public int drifted() {
        return (int) slots.stream().filter(Planned::isDrift).count();
    }

    /** The slots whose channels came from a list, once it is written. */
    public Set<Integer> fromListsAfterwards(Set<Integer> listed) {
        Set<Integer> result = new TreeSet<>(listed);
        for (Planned slot : slots) {
            if (slot.left && !slot.fromList()) {
                result.remove(slot.difference.slot());
            } else if (slot.left) {
                result.add(slot.difference.slot());
            }
        }
        return result;
    }

    /** How many channels that came from no list are left as they are. */
    public int keptOfTheRadio() {
        return (int) slots.stream()
                .filter(slot -> slot.left && !slot.fromList() && slot.difference.kind() == Kind.REMOVED)
                .count();
    }
}
