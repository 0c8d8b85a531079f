package reckonrod.server.ports;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;

/** Why a port cannot be opened, as far as the system tells. */
final class PortTrouble {
    private static final Path PROCESSES = Path.of("/proc");

    private PortTrouble() {}

    /** Why, and what to do; without a full stop. */
    static String of(String path) {
        Path device = Path.of(path);
        if (!Files.exists(device)) {
            return "There is no port " + path + ". Plug the cable in, or choose another port";
        }
        if (!Files.isReadable(device) || !Files.isWritable(device)) {
            return "This program may not use the port " + path + group(device);
        }
        return user(device)
                .map(name -> "The port " + path + " is in use by " + name + ". End that program, then start again")
                .orElse("The port " + path + " cannot be opened: another program may have it, or it is no serial port");
    }

    private static String group(Path device) {
        try {
            Object group = Files.getAttribute(device, "posix:group");
            return ". Whoever belongs to the group " + group + " may: sudo usermod -aG " + group
                    + " $USER, then log out and in again";
        } catch (IOException | UnsupportedOperationException untold) {
            return "; ask who looks after this machine";
        }
    }

    /** The program that has it open, where the system lets this one see. */
    private static Optional<String> user(Path device) {
        try (Stream<Path> processes = Files.list(PROCESSES)) {
            Path real = device.toRealPath();
            return processes
                    .filter(each -> each.getFileName().toString().matches("[0-9]+"))
                    .filter(each -> hasOpen(each, real))
                    .findFirst()
                    .map(PortTrouble::name);
        } catch (IOException untold) {
            return Optional.empty();
        }
    }

    private static boolean hasOpen(Path process, Path device) {
        try (Stream<Path> files = Files.list(process.resolve("fd"))) {
            return files.anyMatch(each -> {
                try {
                    return Files.readSymbolicLink(each).equals(device);
                } catch (IOException closedMeanwhile) {
                    return false;
                }
            });
        } catch (IOException notOurs) {
            return false;
        }
    }

    private static String name(Path process) {
        String number = process.getFileName().toString();
        try {
            return Files.readString(process.resolve("comm")).strip() + " (process " + number + ")";
        } catch (IOException ended) {
            return "process " + number;
        }
    }

    /** Whether it can be opened, as far as that is known without opening it. */
    static Optional<String> foreseen(String path) {
        Path device = Path.of(path);
        boolean there = Files.exists(device, LinkOption.NOFOLLOW_LINKS);
        return there && Files.isReadable(device) && Files.isWritable(device)
                ? user(device).map(any -> of(path))
                : Optional.of(of(path));
    }
}
