package reckonrod.server.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import com.networknt.schema.ValidationMessage;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
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

    /** The newest of these lists, with those before it as its history. */
    static String write(List<PastList> past) {
        ChannelList list = past.get(past.size() - 1).list();
        return JSON.writeValueAsString(new ListFile(KIND, ListDocument.of(list), HistoryDocument.of(past))) + "\n";
    }

    /** The list of a file, with lines that its plan reads as its channels; before it its history, if that is in the file. */
    static List<PastList> read(String text, PlanLookup plans, Instant now) {
        List<String> faults = faults(text);
        if (!faults.isEmpty()) {
            throw refused(String.join("; ", faults.subList(0, Math.min(MOST_TOLD, faults.size())))
                    + (faults.size() > MOST_TOLD ? "; and " + (faults.size() - MOST_TOLD) + " faults more." : "."));
        }
        try {
            ListFile file = JSON.readValue(text, ListFile.class);
            ChannelList list = file.list.toList();
            List<PastList> past = file.history == null
                    ? List.of(new PastList("Begin " + list.name(), now, list))
                    : file.history.toPast();
            if (!past.get(past.size() - 1).list().equals(list)) {
                throw refused("The history of the file does not lead to the list that is in it.");
            }
            return past.stream()
                    .map(each -> new PastList(each.summary(), each.at(), withTrueLines(each.list(), plans)))
                    .toList();
        } catch (IllegalArgumentException wrong) {
            throw refused(wrong.getMessage() + ".");
        } catch (JacksonException wrong) {
            throw refused(
                    "The file cannot be read at line " + wrong.getLocation().getLineNr() + ".");
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
            return List.of("It is no JSON, or ends too early");
        }
    }

    /** A line that is read as another channel than the one it stands for would change it at the next edit, unseen. */
    private static ChannelList withTrueLines(ChannelList list, PlanLookup plans) {
        BandPlan plan = plans.plan(list.bandPlanId(), Optional.of(list.licence()));
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>(list.entries());
        entries.replaceAll((slot, entry) -> {
            Channel channel = entry.channel();
            return Reckoner.reckon(entry.line(), plan).channel().equals(Optional.of(channel))
                    ? entry
                    : entry.withLine(LineWriter.write(channel, plan));
        });
        return list.byPlan(list.bandPlanId(), list.licence(), entries);
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
