package reckonrod.server.practice;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.drill.Drill;
import reckonrod.core.drill.Practice;
import reckonrod.core.drill.Press;
import reckonrod.core.drill.Slip;
import reckonrod.core.drill.Trap;
import reckonrod.core.fit.Placement;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.keying.KeySheet;
import reckonrod.core.keying.PanelState;
import reckonrod.core.panel.Face;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.radio.RadioSlot;
import reckonrod.server.bench.TalkAir;
import reckonrod.server.carry.KeyLineView;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;

/** A radio to practise on. What was pressed is sent whole each time and played through; the radio itself is never touched. */
@RestController
@RequestMapping("/api/lists/{list}/practice")
class PracticeController {
    private static final int MOST_PRESSES = 3_000;
    private static final int MOST_PAUSE = 3_600_000;

    private final Drills drills;
    private final PracticeRuns runs;
    private final TalkAir air;

    PracticeController(Drills drills, PracticeRuns runs, TalkAir air) {
        this.drills = drills;
        this.runs = runs;
        this.air = air;
    }

    /** A key of the panel and what is printed on it. */
    record PracticeKeyView(PanelKey key, String label) {}

    /**
     * A drill that can be done.
     *
     * @param dueOn when it is to be repeated; nothing if it was never done
     * @param due whether that is today or earlier
     * @param runs how often it was done
     * @param lastSlips the traps of the last time
     * @param bestSeconds the shortest time; nothing if it was never done
     */
    record DrillView(
            UUID channelId,
            String channel,
            int slot,
            @Schema(nullable = true) LocalDate dueOn,
            boolean due,
            int runs,
            List<String> lastSlips,
            @Schema(nullable = true) Integer bestSeconds) {}

    /**
     * What can be practised.
     *
     * @param next the drill that is worth most now; nothing if there is none
     */
    record PracticeView(
            String radio,
            String model,
            Face.Look look,
            int pauseSeconds,
            List<PracticeKeyView> keys,
            List<DrillView> drills,
            @Schema(nullable = true) UUID next) {}

    @GetMapping
    PracticeView practice(
            @PathVariable UUID list, @RequestParam String radio, @RequestParam(required = false) String person) {
        RadioUnit unit = drills.unit(radio);
        Panel panel = unit.definition().panel().orElseThrow();
        Map<UUID, List<PracticeRun>> before =
                runs.of(named(person), unit.definition().id());
        Practice practice = new Practice(unit.definition());
        List<DrillView> views = drills.placed(list, unit).stream()
                .filter(each -> practice.canAsk(each.content().orElseThrow()))
                .map(each -> drill(each, before.getOrDefault(each.entry().id(), List.of())))
                .toList();
        return new PracticeView(
                unit.name(),
                unit.definition().title(),
                unit.definition().face().look(),
                panel.timing().pauseMillis() / 1_000,
                panel.allKeys().stream()
                        .map(key -> new PracticeKeyView(key, panel.label(key)))
                        .toList(),
                views,
                runs.next(views.stream()
                                .map(each -> Optional.ofNullable(each.dueOn()))
                                .toList())
                        .map(at -> views.get(at).channelId())
                        .orElse(null));
    }

    private DrillView drill(Placement placement, List<PracticeRun> before) {
        Optional<LocalDate> due = before.isEmpty() ? Optional.empty() : Optional.of(runs.due(before));
        return new DrillView(
                placement.entry().id(),
                placement.entry().channel().label(),
                placement.place().orElseThrow(),
                due.orElse(null),
                due.filter(runs::isDue).isPresent(),
                before.size(),
                before.isEmpty()
                        ? List.of()
                        : before.get(before.size() - 1).slips().stream()
                                .map(each -> Trap.valueOf(each).words())
                                .distinct()
                                .toList(),
                before.isEmpty()
                        ? null
                        : before.stream().mapToInt(PracticeRun::seconds).min().getAsInt());
    }

    private static String named(String person) {
        return person == null ? "" : person.strip();
    }

    /** A key, and how long after the one before. */
    record PressRequest(
            @NotNull(message = "must be a key") PanelKey key,

            @Min(value = 0, message = "must not be negative")
            @Max(value = MOST_PAUSE, message = "must be an hour at most")
            int afterMillis) {}

    /**
     * What was pressed.
     *
     * @param channel the drill; left out to play freely
     * @param idleMillis how long nothing was pressed since
     * @param hint whether the next keys are wanted
     * @param told whether a key that leads away is told at once
     */
    record PressedRequest(
            @NotBlank(message = "must be given") String radio,
            @Schema(nullable = true) UUID channel,

            @NotNull(message = "must be given")
            @Size(max = MOST_PRESSES, message = "must be at most 3,000; begin again")
            List<@Valid PressRequest> presses,

            @Min(value = 0, message = "must not be negative")
            @Max(value = MOST_PAUSE, message = "must be an hour at most")
            int idleMillis,

            boolean hint,
            boolean told) {
        List<Press> pressed() {
            return presses.stream()
                    .map(each -> new Press(each.key(), each.afterMillis()))
                    .toList();
        }
    }

    /** A trap that was fallen into. */
    record SlipView(int at, Trap trap, String called, String says) {}

    /**
     * How it stands.
     *
     * @param task what is to be done; nothing while playing freely
     * @param shows what the display shows, row by row
     * @param soft what stands above the soft keys; nothing on a panel without
     * @param dark after so many milliseconds without a key something closes by itself; 0 if nothing does
     * @param leadsAway whether the last key led away; only if that is told
     * @param hint the next keys; only if they are wanted
     */
    record StandingView(
            @Schema(nullable = true) String task,
            List<String> shows,
            List<String> soft,
            int dark,
            List<SlipView> slips,
            boolean done,
            int presses,
            int seconds,
            boolean leadsAway,
            @Schema(nullable = true) KeyLineView hint) {}

    @PostMapping("/pressed")
    StandingView pressed(@PathVariable UUID list, @Valid @RequestBody PressedRequest request) {
        Session session = session(list, request);
        Practice practice = session.practice;
        Practice.Standing standing = session.standing;
        PanelState state = standing.state();
        boolean away = request.told()
                && session.drill
                        .filter(drill -> practice.lastLedAway(drill, request.pressed()))
                        .isPresent();
        KeySheet rest = request.hint() && session.drill.isPresent()
                ? practice.rest(session.drill.get(), state)
                : new KeySheet(List.of(), List.of(), state);
        return new StandingView(
                session.task,
                practice.machine().shows(state),
                practice.machine().labels(state),
                practice.machine().closesAfterMillis(state),
                standing.slips().stream().map(PracticeController::view).toList(),
                standing.done(),
                request.presses().size(),
                (int) (standing.millis() / 1_000),
                away,
                rest.lines().isEmpty() ? null : KeyLineView.of(rest.lines().get(0)));
    }

    private static SlipView view(Slip slip) {
        return new SlipView(slip.at(), slip.trap(), slip.trap().words(), slip.says());
    }

    private record Session(Practice practice, Optional<Drill> drill, String task, Practice.Standing standing) {}

    private Session session(UUID list, PressedRequest request) {
        RadioUnit unit = drills.unit(request.radio());
        Practice practice = new Practice(unit.definition());
        List<Placement> placed = drills.placed(list, unit);
        Optional<Drills.Task> task =
                Optional.ofNullable(request.channel()).map(channel -> drills.task(practice, placed, channel));
        ImageCodec codec = ImageCodec.inside(unit.definition());
        MemoryImage memory = task.map(each -> each.drill().memory())
                .orElseGet(() -> codec.encode(codec.blank(), Drills.contents(placed)));
        Optional<Drill> drill = task.map(Drills.Task::drill);
        return new Session(
                practice,
                drill,
                task.map(Drills.Task::words).orElse(null),
                practice.after(memory, drill, request.pressed(), request.idleMillis()));
    }

    /** A drill that was done, to be kept. */
    record PracticeRunRequest(
            @NotBlank(message = "must say who practised") @Size(max = 60, message = "must be at most 60 letters")
            String person,

            @Min(value = 0, message = "must not be negative") @Max(value = 1_000, message = "must be at most 1,000")
            int hints,

            @NotNull(message = "must be given") @Valid PressedRequest pressed) {}

    /**
     * How it went, as it is kept.
     *
     * @param ledAway which presses led away, from 0
     * @param least the fewest keys
     * @param dueOn when it is to be repeated
     */
    record PracticeRunView(
            List<SlipView> slips, List<Integer> ledAway, int presses, int least, int seconds, LocalDate dueOn) {}

    /** The same again changes nothing. */
    @PutMapping("/runs/{id}")
    @ResponseStatus(HttpStatus.OK)
    PracticeRunView keep(
            @PathVariable UUID list, @PathVariable UUID id, @Valid @RequestBody PracticeRunRequest request) {
        Session session = session(list, request.pressed());
        Drill drill = session.drill.orElseThrow(
                () -> ProblemException.refused("no-drill", "No drill", "Free play is not kept. Choose a drill."));
        if (!session.standing.done()) {
            throw ProblemException.refused(
                    "not-done", "Not done yet", "The slot does not hold what was asked for. Go on, or begin again.");
        }
        RadioUnit unit = drills.unit(request.pressed().radio());
        int least = session.practice.least(drill);
        UUID channel = request.pressed().channel();
        String person = named(request.person());
        LocalDate due = runs.keep(
                id,
                new PracticeRun.Of(person, unit.definition().id(), channel, session.task),
                new PracticeRun.Went(
                        request.pressed().presses().size(),
                        least,
                        (int) (session.standing.millis() / 1_000),
                        request.hints(),
                        session.standing.slips().stream()
                                .map(each -> each.trap().name())
                                .toList()));
        return new PracticeRunView(
                session.standing.slips().stream().map(PracticeController::view).toList(),
                session.practice.ledAway(drill, request.pressed().pressed()),
                request.pressed().presses().size(),
                least,
                (int) (session.standing.millis() / 1_000),
                due);
    }

    /** The talk key of the practice radio, at a place. */
    record PracticeTalkRequest(
            @NotBlank(message = "must be given") String at,
            @NotNull(message = "must be given") @Valid PressedRequest pressed) {}

    /** What is on the dial, or in the slot that is called, goes out onto the invented air. Nothing is sent by a real radio. */
    @PostMapping("/talk")
    TalkAir.TalkHeardView talk(@PathVariable UUID list, @Valid @RequestBody PracticeTalkRequest request) {
        Session session = session(list, request.pressed());
        PanelState state = session.standing.state();
        RadioSlot slot = session.practice
                .machine()
                .tunedTo(state)
                .orElseThrow(() -> ProblemException.refused(
                        "nothing-tuned", "Nothing to talk on", "Nothing whole is dialled and no slot is called."));
        return air.heard(drills.unit(request.pressed().radio()).definition(), slot, request.at());
    }
}
