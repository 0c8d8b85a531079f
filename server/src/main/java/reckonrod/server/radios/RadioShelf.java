package reckonrod.server.radios;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.fit.Carrying;
import reckonrod.core.notation.ToneText;
import reckonrod.server.definitions.DefinitionLookup;
import reckonrod.server.definitions.Way;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.ports.CardLocations;
import reckonrod.server.ports.SerialPorts;
import reckonrod.server.ports.TcpTargets;
import reckonrod.server.problem.ProblemException;

/** Keeps what the person knows of the radios besides what is in them. A radio goes only by way of being retired. */
@Service
@Transactional
class RadioShelf {
    private static final int MOST_RADIOS = 60;
    /** So many that nobody meets it by use, and few enough that a script cannot fill the disk with them. */
    private static final int MOST_RETIRED = 500;

    private static final int MOST_OVERRULES = 1_000;

    private final RadioUnits radios;
    private final UnitRepository units;
    private final LendingRepository lendings;
    private final DefinitionLookup definitions;
    private final PlanLookup plans;
    private final CardLocations cards;
    private final SerialPorts serialPorts;
    private final TcpTargets tcpTargets;
    private final Clock clock;

    RadioShelf(
            RadioUnits radios,
            UnitRepository units,
            LendingRepository lendings,
            DefinitionLookup definitions,
            PlanLookup plans,
            CardLocations cards,
            SerialPorts serialPorts,
            TcpTargets tcpTargets,
            Clock clock) {
        this.radios = radios;
        this.units = units;
        this.lendings = lendings;
        this.definitions = definitions;
        this.plans = plans;
        this.cards = cards;
        this.serialPorts = serialPorts;
        this.tcpTargets = tcpTargets;
        this.clock = clock;
    }

    public RadioUnit add(ShelfRequests.NewRadio request) {
        RadioDefinition definition = definitions.get(request.model());
        String name = request.known().name();
        requireFree(name, "");
        requireRoom();
        UnitRecord unit = new UnitRecord(
                id(name),
                name,
                definition.id(),
                port(definition, request.reached(), request.at()).text());
        unit.isKnownAs(request.known());
        units.saveAndFlush(unit);
        return radios.get(unit.id());
    }

    public RadioUnit change(String id, ShelfRequests.RadioEdit request) {
        UnitRecord unit = radios.record(id);
        if (unit.version() != request.baseVersion()) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    unit.name()
                            + " was changed in another tab or by a transfer. Nothing was overwritten; look at it again.");
        }
        String name = request.known().name();
        requireFree(name, id);
        unit.isKnownAs(request.known());
        boolean stays = request.reached() == ShelfRequests.Reached.simulated
                && PortAddress.stored(unit.port()).isSimulated();
        if (request.reached() != null && !stays) {
            unit.isReachedBy(port(definitions.get(unit.definitionId()), request.reached(), request.at()));
        }
        units.saveAndFlush(unit);
        return radios.get(id);
    }

    /** How it is reached; a way that its model does not have is refused. */
    private PortAddress port(RadioDefinition definition, ShelfRequests.Reached reached, String at) {
        if (reached == null || reached == ShelfRequests.Reached.none) {
            return new PortAddress.None();
        }
        boolean byCard = Way.of(definition) == Way.card;
        if (reached == ShelfRequests.Reached.simulated) {
            if (definition.link().isEmpty() || !definitions.ships(definition.id())) {
                throw ProblemException.refused(
                        "no-simulated-radio",
                        "Not simulated",
                        "There is no simulated " + definition.title()
                                + " with a cable; add it as one that is keyed in by hand.");
            }
            return new PortAddress.Simulated();
        }
        if (definition.link().isEmpty() || byCard != (reached == ShelfRequests.Reached.card)) {
            throw ProblemException.refused(
                    "other-way-in",
                    "It is loaded otherwise",
                    "A " + definition.title()
                            + (definition.link().isEmpty()
                                    ? " has no way in but its keys."
                                    : byCard ? " is loaded by a memory card." : " is loaded by a cable."));
        }
        try {
            return allowed(PortAddress.parse(reached + ":" + ShelfRequests.text(at)));
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused(
                    "port-not-understood",
                    "No port can be so",
                    switch (reached) {
                        case serial ->
                            "A serial port is a path such as /dev/ttyUSB0, was \"" + ShelfRequests.text(at) + "\".";
                        case card ->
                            "The folder of a card is a full path such as /media/card, was \"" + ShelfRequests.text(at)
                                    + "\".";
                        default ->
                            "A TCP port is a host and a number such as localhost:4012, was \"" + ShelfRequests.text(at)
                                    + "\".";
                    });
        }
    }

    /** Checked again when it is opened; here the person hears of it while they choose. */
    private PortAddress allowed(PortAddress address) {
        Optional<String> refusal = Optional.empty();
        if (address instanceof PortAddress.Card card) {
            refusal = cards.refusal(card.folder());
        } else if (address instanceof PortAddress.Serial serial) {
            refusal = serialPorts.refusal(serial.path());
        } else if (address instanceof PortAddress.Tcp tcp) {
            refusal = tcpTargets.refusal(tcp.host(), tcp.port());
        }
        refusal.ifPresent(why -> {
            throw ProblemException.refused("port-not-allowed", "That place is not allowed", why + ".");
        });
        return address;
    }

    private void requireRoom() {
        if (units.countByRetiredAtIsNull() >= MOST_RADIOS) {
            throw ProblemException.refused(
                    "too-many-radios",
                    "Too many radios",
                    "There are " + MOST_RADIOS + " radios in use, which is the limit. Retire one first.");
        }
    }

    public RadioUnit lend(String id, ShelfRequests.Lending request) {
        UnitRecord unit = radios.record(id);
        lendings.findByRadioIdAndBackAtIsNull(id).ifPresent(out -> {
            throw ProblemException.conflict(
                    "lent-already",
                    "It is out already",
                    unit.name() + " is with " + out.lent().to() + ". Take it back first.");
        });
        try {
            lendings.saveAndFlush(new LendingRecord(
                    UUID.randomUUID(), id, request.to().strip(), clock.instant(), ShelfRequests.text(request.note())));
        } catch (DataIntegrityViolationException sameMoment) {
            throw ProblemException.conflict(
                    "lent-already",
                    "It is out already",
                    unit.name() + " was lent in another tab this moment. Look again.");
        }
        return radios.get(id);
    }

    public RadioUnit getBack(String id, ShelfRequests.Return request) {
        UnitRecord unit = radios.record(id);
        LendingRecord out = lendings.findByRadioIdAndBackAtIsNull(id)
                .orElseThrow(() -> ProblemException.conflict(
                        "not-lent", "It is not out", unit.name() + " is with nobody else, as far as is known here."));
        out.isBack(clock.instant(), ShelfRequests.text(request.note()));
        return radios.get(id);
    }

    /** At which slots lists go in. */
    public RadioUnit places(String id, PlacesRequest request) {
        UnitRecord unit = radios.record(id);
        unit.carries(request.carrying(unit.carrying().overrules()));
        units.saveAndFlush(unit);
        return radios.get(id);
    }

    /** What is otherwise for a channel in this radio. */
    public RadioUnit overrule(String id, UUID channel, ShelfRequests.OverruleRequest request) {
        UnitRecord unit = radios.record(id);
        Carrying.Overrule overrule = overrule(request);
        Map<UUID, Carrying.Overrule> overrules = new HashMap<>(unit.carrying().overrules());
        if (overrule.isEmpty()) {
            overrules.remove(channel);
        } else {
            overrules.put(channel, overrule);
        }
        return carries(unit, overrules);
    }

    /** Leaves channels out of this radio; what is otherwise for them besides stays. */
    public RadioUnit leaveOut(String id, List<UUID> channels) {
        UnitRecord unit = radios.record(id);
        Map<UUID, Carrying.Overrule> overrules = new HashMap<>(unit.carrying().overrules());
        channels.forEach(channel -> overrules.merge(
                channel,
                new Carrying.Overrule(true, false, Optional.empty(), Optional.empty()),
                (before, any) -> new Carrying.Overrule(true, before.listenOnly(), before.name(), before.talkTone())));
        return carries(unit, overrules);
    }

    private RadioUnit carries(UnitRecord unit, Map<UUID, Carrying.Overrule> overrules) {
        if (overrules.size() > MOST_OVERRULES) {
            throw ProblemException.refused(
                    "too-many-overrules",
                    "Too many",
                    "At most " + MOST_OVERRULES
                            + " channels can be otherwise in one radio; make a list of its own for it.");
        }
        unit.carries(new Carrying(unit.carrying().places(), unit.carrying().blocks(), overrules));
        units.saveAndFlush(unit);
        return radios.get(unit.id());
    }

    private Carrying.Overrule overrule(ShelfRequests.OverruleRequest request) {
        try {
            return new Carrying.Overrule(
                    request.leftOut(),
                    request.listenOnly(),
                    Optional.of(ShelfRequests.text(request.name())),
                    Optional.of(ShelfRequests.text(request.talkTone()))
                            .filter(tone -> !tone.isEmpty())
                            .map(tone -> ToneText.read(tone, plans.plan(BandPlans.USUAL))));
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("overrule-refused", "No channel can be so", wrong.getMessage() + ".");
        }
    }

    /** Retires a radio, or puts it back into use. */
    public RadioUnit retire(String id, boolean aside) {
        UnitRecord unit = radios.record(id);
        if (aside && units.countByRetiredAtIsNotNull() >= MOST_RETIRED) {
            throw ProblemException.refused(
                    "too-many-radios",
                    "Too many retired radios",
                    "There are " + MOST_RETIRED + " retired radios, which is the limit. Delete one first.");
        }
        if (!aside && unit.retiredAt() != null) {
            requireRoom();
        }
        if (aside && unit.halfWritten()) {
            throw ProblemException.conflict(
                    "half-written",
                    "It is half written",
                    unit.name() + " was not written to the end. Put back what it held first (Load).");
        }
        unit.retires(aside ? clock.instant() : null);
        units.saveAndFlush(unit);
        return radios.get(id);
    }

    /**
     * Deletes a retired radio for good, with its snapshots and transfers. The log keeps its tests.
     *
     * @param snapshots how many snapshots the person was told would go
     */
    public void delete(String id, long snapshots) {
        UnitRecord unit = radios.record(id);
        if (unit.retiredAt() == null) {
            throw ProblemException.conflict(
                    "radio-in-use",
                    "In use",
                    unit.name() + " is in use. Retire it first; only retired radios are deleted.");
        }
        long now = radios.snapshotCount(id);
        if (now != snapshots) {
            throw ProblemException.conflict(
                    "loss-not-meant",
                    "The number of snapshots changed",
                    "Deleting " + unit.name() + " now deletes " + now + (now == 1 ? " snapshot" : " snapshots")
                            + ", and " + snapshots + " were shown. Nothing was deleted; look again.");
        }
        units.delete(unit);
        units.flush();
    }

    @Transactional(readOnly = true)
    public List<RadioUnit> retired() {
        return radios.every().stream()
                .filter(each -> each.shelf().retired().isPresent())
                .toList();
    }

    @Transactional(readOnly = true)
    public List<LendingRecord> lendings(String id) {
        return lendings.findByRadioIdOrderByLentAtDesc(radios.record(id).id());
    }

    private void requireFree(String name, String id) {
        units.findAll().stream()
                .filter(each -> each.name().equalsIgnoreCase(name) && !each.id().equals(id))
                .findFirst()
                .ifPresent(each -> {
                    throw ProblemException.conflict(
                            "radio-name-taken",
                            "That name is taken",
                            "A radio is called " + each.name() + " already"
                                    + (each.retiredAt() == null ? "" : "; it is laid aside")
                                    + ". Choose another name.");
                });
    }

    /** A name for addresses that says something, and that no other radio has. */
    private String id(String name) {
        String plain =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        // "retired" is a page of its own.
        String wanted = plain.isEmpty() || plain.equals("retired") ? "radio" : plain;
        String id = wanted;
        for (int number = 2; units.existsById(id); number++) {
            id = wanted + "-" + number;
        }
        return id;
    }
}
