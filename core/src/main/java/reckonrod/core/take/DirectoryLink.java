package reckonrod.core.take;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Trust;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.notation.Reckoner;

/** What became of the directory entry that a channel was taken from. */
public final class DirectoryLink {
    static final FindingKind CHANGED = new FindingKind(
            "entry-changed",
            Severity.DOUBT,
            "The directory has {name} as {now} now; the channel was taken from {before}.",
            "Repeaters are moved and their tones changed. The channel may no longer open it.");

    private DirectoryLink() {}

    /**
     * What the entry, as it is today, says of the channel that was taken from it. What the person changed in the channel on
     * purpose is no finding: only a change of the entry is.
     */
    public static List<Finding> findings(ListEntry taken, DirectoryEntry entry, BandPlan plan, LocalDate today) {
        List<Finding> findings = new ArrayList<>();
        Trust.in(entry, today).findings().stream()
                .filter(each -> each.kind().severity() == Severity.DOUBT)
                .forEach(findings::add);
        Optional<Channel> now = Taking.channel(entry, plan);
        Optional<Channel> before = Reckoner.reckon(taken.published(), plan).channel();
        if (now.isPresent()
                && before.isPresent()
                && !now.get().onAir().equals(before.get().onAir())
                && !now.get().onAir().equals(taken.channel().onAir())) {
            findings.add(changed(taken.channel(), before.get(), now.get(), plan));
        }
        return findings;
    }

    private static Finding changed(Channel channel, Channel before, Channel now, BandPlan plan) {
        Channel next = channel.withPair(now.receive(), now.talk())
                .withTones(now.talkTone(), now.listenTone())
                .withEmission(now.emission());
        String nowLine = LineWriter.write(bare(now), plan);
        return new Finding(
                CHANGED,
                Field.LINE,
                Map.of("name", channel.label(), "now", nowLine, "before", LineWriter.write(bare(before), plan)),
                List.of(new Fix("Take " + nowLine, new Edit.ReplaceChannel(next))));
    }

    private static Channel bare(Channel channel) {
        return Channel.of(channel.receive(), channel.talk())
                .withTones(channel.talkTone(), channel.listenTone())
                .withEmission(channel.emission());
    }
}
