package reckonrod.server.arrange;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.Ordering;
import reckonrod.core.list.Spot;
import reckonrod.server.problem.ProblemException;

/** A change of a list on the wire. Channels come in as lines and are worked out here anew. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@Schema(
        discriminatorProperty = "kind",
        discriminatorMapping = {
            @DiscriminatorMapping(value = "put", schema = ChannelEdits.Put.class),
            @DiscriminatorMapping(value = "rewrite", schema = ChannelEdits.Rewrite.class),
            @DiscriminatorMapping(value = "delete", schema = ChannelEdits.Delete.class),
            @DiscriminatorMapping(value = "move", schema = ChannelEdits.Move.class),
            @DiscriminatorMapping(value = "pin", schema = ChannelEdits.Pin.class),
            @DiscriminatorMapping(value = "lay-aside", schema = ChannelEdits.LayAside.class),
            @DiscriminatorMapping(value = "look-again", schema = ChannelEdits.LookAgain.class),
            @DiscriminatorMapping(value = "take", schema = ChannelEdits.Take.class),
            @DiscriminatorMapping(value = "take-block-out", schema = BlockEdits.TakeBlockOut.class),
            @DiscriminatorMapping(value = "go-by", schema = WholeEdits.GoBy.class),
            @DiscriminatorMapping(value = "add-block", schema = BlockEdits.AddBlock.class),
            @DiscriminatorMapping(value = "rename-block", schema = BlockEdits.RenameBlock.class),
            @DiscriminatorMapping(value = "resize-block", schema = BlockEdits.ResizeBlock.class),
            @DiscriminatorMapping(value = "move-block", schema = BlockEdits.MoveBlock.class),
            @DiscriminatorMapping(value = "split-block", schema = BlockEdits.SplitBlock.class),
            @DiscriminatorMapping(value = "join-blocks", schema = BlockEdits.JoinBlocks.class),
            @DiscriminatorMapping(value = "remove-block", schema = BlockEdits.RemoveBlock.class),
            @DiscriminatorMapping(value = "keep-order", schema = BlockEdits.KeepOrder.class),
            @DiscriminatorMapping(value = "fill-block", schema = BlockEdits.FillBlock.class),
            @DiscriminatorMapping(value = "order", schema = ManyEdits.Order.class),
            @DiscriminatorMapping(value = "close-gaps", schema = ManyEdits.CloseGaps.class),
            @DiscriminatorMapping(value = "move-many", schema = ManyEdits.MoveMany.class),
            @DiscriminatorMapping(value = "delete-many", schema = ManyEdits.DeleteMany.class),
            @DiscriminatorMapping(value = "pin-many", schema = ManyEdits.PinMany.class),
            @DiscriminatorMapping(value = "spread", schema = ManyEdits.Spread.class),
            @DiscriminatorMapping(value = "rank", schema = ManyEdits.Rank.class),
            @DiscriminatorMapping(value = "prove", schema = ManyEdits.Prove.class),
            @DiscriminatorMapping(value = "name-block", schema = BlockEdits.NameBlock.class),
            @DiscriminatorMapping(value = "mean", schema = WholeEdits.Mean.class),
            @DiscriminatorMapping(value = "listen-by", schema = WholeEdits.ListenBy.class),
            @DiscriminatorMapping(value = "talk-by", schema = WholeEdits.TalkBy.class),
            @DiscriminatorMapping(value = "set-many", schema = ManyEdits.SetMany.class),
            @DiscriminatorMapping(value = "replace-in-names", schema = ManyEdits.ReplaceInNames.class),
            @DiscriminatorMapping(value = "name-many", schema = ManyEdits.NameMany.class),
            @DiscriminatorMapping(value = "short-name", schema = ChannelEdits.ShortName.class),
            @DiscriminatorMapping(value = "take-over", schema = WholeEdits.TakeOver.class),
            @DiscriminatorMapping(value = "rename", schema = WholeEdits.Rename.class),
            @DiscriminatorMapping(value = "add-bank", schema = BankEdits.AddBank.class),
            @DiscriminatorMapping(value = "rename-bank", schema = BankEdits.RenameBank.class),
            @DiscriminatorMapping(value = "remove-bank", schema = BankEdits.RemoveBank.class),
            @DiscriminatorMapping(value = "move-bank", schema = BankEdits.MoveBank.class),
            @DiscriminatorMapping(value = "rule-bank", schema = BankEdits.RuleBank.class),
            @DiscriminatorMapping(value = "fill-bank", schema = BankEdits.FillBank.class),
            @DiscriminatorMapping(value = "place-in-bank", schema = BankEdits.PlaceInBank.class),
            @DiscriminatorMapping(value = "scan", schema = BankEdits.Scan.class),
            @DiscriminatorMapping(value = "scan-by", schema = BankEdits.ScanBy.class),
            @DiscriminatorMapping(value = "priority", schema = BankEdits.Priority.class),
        },
        oneOf = {
            ChannelEdits.Put.class,
            ChannelEdits.Rewrite.class,
            ChannelEdits.Delete.class,
            ChannelEdits.Move.class,
            ChannelEdits.Pin.class,
            ChannelEdits.LayAside.class,
            ChannelEdits.LookAgain.class,
            ChannelEdits.Take.class,
            BlockEdits.TakeBlockOut.class,
            WholeEdits.GoBy.class,
            BlockEdits.AddBlock.class,
            BlockEdits.RenameBlock.class,
            BlockEdits.ResizeBlock.class,
            BlockEdits.MoveBlock.class,
            BlockEdits.SplitBlock.class,
            BlockEdits.JoinBlocks.class,
            BlockEdits.RemoveBlock.class,
            BlockEdits.KeepOrder.class,
            BlockEdits.FillBlock.class,
            ManyEdits.Order.class,
            ManyEdits.CloseGaps.class,
            ManyEdits.MoveMany.class,
            ManyEdits.DeleteMany.class,
            ManyEdits.PinMany.class,
            ManyEdits.Spread.class,
            ManyEdits.Rank.class,
            ManyEdits.Prove.class,
            BlockEdits.NameBlock.class,
            WholeEdits.Mean.class,
            WholeEdits.ListenBy.class,
            WholeEdits.TalkBy.class,
            ManyEdits.SetMany.class,
            ManyEdits.ReplaceInNames.class,
            ManyEdits.NameMany.class,
            ChannelEdits.ShortName.class,
            WholeEdits.TakeOver.class,
            WholeEdits.Rename.class,
            BankEdits.AddBank.class,
            BankEdits.RenameBank.class,
            BankEdits.RemoveBank.class,
            BankEdits.MoveBank.class,
            BankEdits.RuleBank.class,
            BankEdits.FillBank.class,
            BankEdits.PlaceInBank.class,
            BankEdits.Scan.class,
            BankEdits.ScanBy.class,
            BankEdits.Priority.class,
        })
sealed interface EditRequest permits ChannelEdits, BlockEdits, ManyEdits, BankEdits, WholeEdits {
    String NEEDED = "must be given";
    String BLANK = "must not be blank";
    String LONG_NAME = "must be at most 60 characters";
    int MOST_NAME = 60;

    /** The edit that it asks for, of the list that it is made to. */
    ListEdit read(EditReader with, ChannelList list);

    /** Slots from the first to the last, both inside. */
    record Slots(
            @NotNull(message = NEEDED) Integer first,
            @NotNull(message = NEEDED) Integer last) {}

    /** What channels are sorted by; distance needs the place that it is taken from, a way the places that it leads by. */
    enum By {
        frequency,
        name,
        call_sign,
        use,
        talk_tone,
        rank,
        last_proven,
        not_proven,
        distance,
        along;

        static By of(Ordering ordering) {
            return ordering instanceof Ordering.By by
                    ? valueOf(by.name().toLowerCase(Locale.ROOT))
                    : ordering instanceof Ordering.Along ? along : distance;
        }

        Ordering ordering(SpotView from, List<SpotView> via, EditReader with) {
            if (this == along) {
                return with.along(via == null ? List.of() : via);
            }
            if (this != distance) {
                return Ordering.By.valueOf(name().toUpperCase(Locale.ROOT));
            }
            if (from == null) {
                throw ProblemException.refused(
                        "place-missing", "From where?", "from must be given to order by distance: a place.");
            }
            Spot place = with.place(from);
            return new Ordering.Distance(place.name(), place.position());
        }
    }
}
