package reckonrod.server.arrange;

import com.fasterxml.jackson.annotation.JsonTypeName;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.list.BankEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;

/** Changes of banks and of what a scan stops at. */
sealed interface BankEdits extends EditRequest {
    String MANY = "must be at most 10000 channels";

    /**
     * What is in a bank by itself; at least one of the two.
     *
     * @param block all of this block
     * @param belongs what is so
     */
    record BankRuleView(
            @Schema(nullable = true) String block,
            @Valid @Schema(nullable = true) BelongsView belongs) {}

    /** A bank begins, behind the others. */
    @JsonTypeName("add-bank")
    @Schema(name = "AddBankEdit")
    record AddBank(
            @NotBlank(message = BLANK) @Size(max = MOST_NAME, message = LONG_NAME)
            String bank,

            @Valid @Schema(nullable = true) BankRuleView rule,

            @NotNull(message = NEEDED) @Size(max = 10_000, message = MANY)
            List<@NotNull(message = NEEDED) UUID> channels)
            implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.AddBank(bank, with.bankRule(rule, list), channels);
        }
    }

    /** Another name for a bank. */
    @JsonTypeName("rename-bank")
    @Schema(name = "RenameBankEdit")
    record RenameBank(
            @NotBlank(message = BLANK) String bank,

            @NotBlank(message = BLANK) @Size(max = MOST_NAME, message = LONG_NAME)
            String name)
            implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.RenameBank(bank, name);
        }
    }

    /** A bank goes; its channels stay. */
    @JsonTypeName("remove-bank")
    @Schema(name = "RemoveBankEdit")
    record RemoveBank(@NotBlank(message = BLANK) String bank) implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.RemoveBank(bank);
        }
    }

    /** Another number for a bank, from 1. */
    @JsonTypeName("move-bank")
    @Schema(name = "MoveBankEdit")
    record MoveBank(
            @NotBlank(message = BLANK) String bank,
            @NotNull(message = NEEDED) Integer number) implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.MoveBank(bank, number);
        }
    }

    /** What is in a bank by itself from now on; filled by hand if nothing is said. */
    @JsonTypeName("rule-bank")
    @Schema(name = "RuleBankEdit")
    record RuleBank(
            @NotBlank(message = BLANK) String bank,
            @Valid @Schema(nullable = true) BankRuleView rule) implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.RuleBank(bank, with.bankRule(rule, list));
        }
    }

    /** Channels are put into a bank or taken out of it. */
    @JsonTypeName("fill-bank")
    @Schema(name = "FillBankEdit")
    record FillBank(
            @NotBlank(message = BLANK) String bank,

            @NotNull(message = NEEDED) @Size(max = 10_000, message = MANY)
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotNull(message = NEEDED) Boolean inside)
            implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.FillBank(bank, channels, inside);
        }
    }

    /** Another place in a bank for a channel that was put there by hand, from 1. */
    @JsonTypeName("place-in-bank")
    @Schema(name = "PlaceInBankEdit")
    record PlaceInBank(
            @NotBlank(message = BLANK) String bank,
            @NotNull(message = NEEDED) UUID channel,
            @NotNull(message = NEEDED) Integer place)
            implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.PlaceInBank(bank, channel, place);
        }
    }

    /** Whether a scan stops at channels; the rule of the list decides if that is left out. */
    @JsonTypeName("scan")
    @Schema(name = "ScanEdit")
    record Scan(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = MANY)
            List<@NotNull(message = NEEDED) UUID> channels,

            @Schema(nullable = true) Boolean scan)
            implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.Scan(channels, Optional.ofNullable(scan));
        }
    }

    /** What a scan passes by. */
    @JsonTypeName("scan-by")
    @Schema(name = "ScanByEdit")
    record ScanBy(
            @NotNull(message = NEEDED) Boolean skipListenOnly,
            @NotNull(message = NEEDED) Boolean skipOffAir) implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.ScanBy(skipListenOnly, skipOffAir);
        }
    }

    /** The channel that a scan comes back to again and again; none if left out. */
    @JsonTypeName("priority")
    @Schema(name = "PriorityEdit")
    record Priority(@Schema(nullable = true) UUID channel) implements BankEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BankEdit.Priority(Optional.ofNullable(channel));
        }
    }
}
