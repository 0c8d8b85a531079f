package reckonrod.server.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import com.networknt.schema.ValidationMessage;
import java.time.Instant;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.notation.Reckoner;
import reckonrod.server.lists.HistoryDocument;
import reckonrod.server.lists.ListDocument;
import reckonrod.server.lists.ListStore.PastList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * A list as a JSON file with all that belongs to it, and its history if that is asked for; its schema is {@code schemas/list.schema.json}. Read
 * strictly: what cannot be is refused by its place in the file, and nothing of it is taken.
 *
 * @param kind what the file is
 * @param list the list
 * @param history how it came to be; null if that is not in the file
 */
record ListFile(String kind, ListDocument list, HistoryDocument history) {
    private static final String KIND = "reckonrod list";
    private static final int MOST_TOLD = 5;
    private static final JsonSchema SCHEMA = JsonSchemaFactory.getInstance(VersionFlag.V202012)
            .getSchema(ListFile.class.getResourceAsStream("/schemas/list.schema.json"));
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(
                    DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
                    DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .changeDefaultPropertyInclusion(include -> include.withValueInclusion(JsonInclude.Include.NON_NULL))
            .build();

    static String write(ChannelList list) {
        return JSON.writeValueAsString(new ListFile(KIND, ListDocument.of(list), null)) + "\n";
    }

    /** The same with how it came to be. */
    static String write(ChannelList list, HistoryDocument history) {
        return JSON.writeValueAsString(new ListFile(KIND, ListDocument.of(list), history)) + "\n";
    }

    /**
     * The list of a file, with lines that its plan reads as its channels; before it its history, if that is in the file. What is wrong
     * in it is refused when it is reached.
     */
    static Iterator<PastList> read(String text, PlanLookup plans, Instant now) {
        List<String> faults = faults(text);
        if (!faults.isEmpty()) {
            throw refused(String.join("; ", faults.subList(0, Math.min(MOST_TOLD, faults.size())))
                    + (faults.size() > MOST_TOLD ? "; and " + (faults.size() - MOST_TOLD) + " faults more." : "."));
        }
        ListFile file = possible(() -> JSON.readValue(text, ListFile.class));
        ChannelList list = possible(file.list::toList);
        Iterator<PastList> past = file.history == null
                ? List.of(new PastList("Begin " + list.name(), now, list, "")).iterator()
                : file.history.past();
        TrueLines lines = new TrueLines(plans);
        return new Iterator<>() {
            @Override
            public boolean hasNext() {
                return past.hasNext();
            }

            @Override
            public PastList next() {
                PastList each = possible(past::next);
                if (!past.hasNext() && !each.list().equals(list)) {
                    throw refused("The history of the file does not lead to the list that is in it.");
                }
                return new PastList(each.summary(), each.at(), lines.in(each.list()), each.name());
            }
        };
    }

    private static <T> T possible(Supplier<T> work) {
        try {
            return work.get();
        } catch (IllegalArgumentException wrong) {
            throw refused(wrong.getMessage() + ".");
        } catch (JacksonException wrong) {
            throw refused("The file cannot be read"
                    + Optional.ofNullable(wrong.getLocation())
                            .map(where -> " at line " + where.getLineNr())
                            .orElse(", being too deep")
                    + ".");
        }
    }

    /** What of the file is not as its schema has it, by its place. */
    private static List<String> faults(String text) {
        try {
            return SCHEMA.validate(text, InputFormat.JSON).stream()
                    .map(ValidationMessage::getMessage)
                    .distinct()
                    .toList();
        } catch (IllegalArgumentException noJson) {
            return List.of(
                    "It is not JSON, or it ends too early. A list exported as JSON is expected here; a table such as CSV is read in"
                            + " Review");
        }
    }

    /** A line that is read as another channel than the one it stands for would change it at the next edit, unseen. */
    private static final class TrueLines {
        private final PlanLookup plans;
        /** What was looked at before: lists that follow each other have most of their channels in common. */
        private final IdentityHashMap<ListEntry, ListEntry> known = new IdentityHashMap<>();

        private String planned = "";

        TrueLines(PlanLookup plans) {
            this.plans = plans;
        }

        ChannelList in(ChannelList list) {
            String by = list.bandPlanId() + " " + list.licence();
            if (!by.equals(planned)) {
                planned = by;
                known.clear();
            }
            BandPlan plan = plans.plan(list.bandPlanId(), Optional.of(list.licence()));
            NavigableMap<Integer, ListEntry> entries = new TreeMap<>(list.entries());
            entries.replaceAll((slot, entry) -> known.computeIfAbsent(entry, each -> with(each, plan)));
            return list.byPlan(list.bandPlanId(), list.licence(), entries);
        }

        private static ListEntry with(ListEntry entry, BandPlan plan) {
            Channel channel = entry.channel();
            return Reckoner.reckon(entry.line(), plan).channel().equals(Optional.of(channel))
                    ? entry
                    : entry.withLine(LineWriter.write(channel, plan));
        }
    }

    private static ProblemException refused(String detail) {
        return new ProblemException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "file-unreadable",
                "The file cannot be taken",
                detail + " Nothing was taken.",
                Map.of());
    }
}
