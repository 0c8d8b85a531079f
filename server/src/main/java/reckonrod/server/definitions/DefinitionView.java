package reckonrod.server.definitions;

import java.util.List;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.radio.LimitFacts;
import reckonrod.core.radio.RadioSetting;

/**
 * A model of radio on the wire.
 *
 * @param facts what it can hold, in words
 * @param way by what it is loaded
 * @param memory whether its memory can be read
 * @param ships whether it comes with the program
 */
record DefinitionView(
        String id,
        String title,
        String kind,
        int slots,
        List<FactView> facts,
        List<AdvisedView> settings,
        boolean memory,
        Way way,
        boolean ships) {
    /** What it can, in words. */
    record FactView(String name, String words) {}

    /**
     * A setting of the radio itself that makes right channels fail.
     *
     * @param panel how it is reached on the radio; empty where only a cable reaches it
     */
    record AdvisedView(String name, List<String> values, String advised, String why, List<String> fails, String panel) {
        static AdvisedView of(RadioSetting setting) {
            return new AdvisedView(
                    setting.name(),
                    setting.values(),
                    setting.advised(),
                    setting.why(),
                    setting.fails(),
                    setting.panel().orElse(""));
        }
    }

    /**
     * A model with the text of its file.
     *
     * @param version the version of one of one's own; 0 for one that ships
     * @param radios the person's radios of that model
     */
    record FileView(DefinitionView model, String yaml, long version, List<String> radios) {
        static FileView of(DefinitionStore.DefinitionFile file) {
            return new FileView(
                    DefinitionView.of(file.definition(), file.ships()), file.yaml(), file.version(), file.radios());
        }
    }

    static DefinitionView of(RadioDefinition definition, boolean ships) {
        return new DefinitionView(
                definition.id(),
                definition.title(),
                definition.kind().word(),
                definition.limits().slots().count(),
                LimitFacts.of(definition.limits()).stream()
                        .map(each -> new FactView(each.name(), each.words()))
                        .toList(),
                definition.settings().stream().map(AdvisedView::of).toList(),
                definition.memory().isPresent(),
                Way.of(definition),
                ships);
    }
}
