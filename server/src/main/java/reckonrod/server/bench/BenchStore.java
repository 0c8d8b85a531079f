package reckonrod.server.bench;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.image.MemoryImage;
import reckonrod.sim.face.RadioState;

/** Keeps the simulated radios in the database: each lives in one place, however many programs show it. */
@Repository
@Transactional
class BenchStore {
    private final EntityManager entities;

    BenchStore(EntityManager entities) {
        this.entities = entities;
    }

    /** Puts a radio there that is not there yet; two programs that do so at once put one. */
    void place(String id, MemoryImage memory, RadioState state) {
        entities.createNativeQuery(
                        "insert into simulated_radio (radio_id, memory, trouble, trouble_byte, switched_on, slot,"
                                + " other_slot) values (:id, :memory, 'none', 0, false, :slot, :slot) on conflict do nothing")
                .setParameter("id", id)
                .setParameter("memory", memory.toBytes())
                .setParameter("slot", state.face().slot())
                .executeUpdate();
    }

    @Transactional(readOnly = true)
    boolean holds(String id) {
        return entities.find(BenchRecord.class, id) != null;
    }

    @Transactional(readOnly = true)
    MemoryImage memory(String id) {
        return record(id).memory();
    }

    @Transactional(readOnly = true)
    byte[] read(String id, int address, int size) {
        return (byte[]) entities.createNativeQuery(
                        "select substring(memory from :at for :size) from simulated_radio where radio_id = :id",
                        byte[].class)
                .setParameter("at", address + 1)
                .setParameter("size", size)
                .setParameter("id", id)
                .getSingleResult();
    }

    void write(String id, int address, byte[] data) {
        entities.createNativeQuery("update simulated_radio set memory = overlay(memory placing :data from :at)"
                        + " where radio_id = :id")
                .setParameter("data", data)
                .setParameter("at", address + 1)
                .setParameter("id", id)
                .executeUpdate();
    }

    void replace(String id, MemoryImage image) {
        record(id).replace(image);
    }

    void remember(String id) {
        entities.createNativeQuery("update simulated_radio set remembered = memory where radio_id = :id")
                .setParameter("id", id)
                .executeUpdate();
    }

    @Transactional(readOnly = true)
    Optional<MemoryImage> remembered(String id) {
        return record(id).remembered();
    }

    @Transactional(readOnly = true)
    RadioState state(String id) {
        return record(id).state();
    }

    void set(String id, RadioState state) {
        record(id).set(state);
    }

    void forget(String id) {
        entities.createNativeQuery("delete from simulated_radio where radio_id = :id")
                .setParameter("id", id)
                .executeUpdate();
    }

    private BenchRecord record(String id) {
        return Optional.ofNullable(entities.find(BenchRecord.class, id))
                .orElseThrow(() -> new IllegalStateException("The simulated radio " + id + " is gone"));
    }
}
