package reckonrod.server.request;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.module.SimpleModule;

/** What no JSON of ours may hold: nothing where a list has its parts, and characters that no text can have. */
@Configuration
class JsonSense {
    @Bean
    JsonMapperBuilderCustomizer sensible() {
        return mapper -> mapper.changeDefaultNullHandling(any -> JsonSetter.Value.forContentNulls(Nulls.FAIL))
                .addModule(new SimpleModule("texts").addDeserializer(String.class, new TextReader()));
    }

    private static final class TextReader extends StdScalarDeserializer<String> {
        TextReader() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            if (!parser.hasToken(JsonToken.VALUE_STRING)) {
                return (String) context.handleUnexpectedToken(getValueType(context), parser);
            }
            String text = parser.getString();
            for (int i = 0; i < text.length(); i++) {
                char each = text.charAt(i);
                boolean pair = Character.isHighSurrogate(each)
                        && i + 1 < text.length()
                        && Character.isLowSurrogate(text.charAt(i + 1));
                if (each == 0 || Character.isSurrogate(each) && !pair) {
                    throw MismatchedInputException.from(
                            parser,
                            String.class,
                            each == 0
                                    ? "A text has a zero character (U+0000), which no text can have"
                                    : "A text has half of a character (a lone surrogate)");
                }
                i += pair ? 1 : 0;
            }
            return text;
        }
    }
}
