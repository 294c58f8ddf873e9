package pelluna.app.api;

import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.core.DefaultParameterNameDiscoverer;
import org.springframework.core.MethodParameter;
import org.springframework.core.annotation.MergedAnnotation;
import org.springframework.core.annotation.MergedAnnotations;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ValueConstants;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.multipart.MultipartFile;
import pelluna.app.limits.Takes;

/** What a handler of a write reads, by its own parameters. */
final class WrittenFields {
    private static final String MORE = "*";

    private final Map<String, Schema<?>> plain = new LinkedHashMap<>();
    private final Map<String, Schema<?>> files = new LinkedHashMap<>();
    private boolean needsFiles;
    private final ObjectSchema body = new ObjectSchema();

    WrittenFields(HandlerMethod handler) {
        for (MethodParameter p : handler.getMethodParameters()) {
            p.initParameterNameDiscovery(new DefaultParameterNameDiscoverer());
            RequestParam asked = p.getParameterAnnotation(RequestParam.class);
            if (asked != null) {
                field(p, asked);
            } else if (p.getParameterType().isRecord()) {
                for (RecordComponent c : p.getParameterType().getRecordComponents()) {
                    plain.put(c.getName(), of(c.getType()));
                }
            }
        }
        plain.forEach(body::addProperty);
    }

    private void field(MethodParameter p, RequestParam asked) {
        if (Map.class.isAssignableFrom(p.getParameterType())) {
            whole(MergedAnnotations.from(p.getParameterAnnotations()).get(Takes.class));
            return;
        }
        String name = asked.name().isEmpty() ? p.getParameterName() : asked.name();
        if (p.getParameterType() == MultipartFile.class) {
            files.put(name, new Schema<byte[]>().type("string").format("binary"));
            needsFiles |= asked.required();
            return;
        }
        plain.put(name, of(p.getParameterType()));
        if (asked.required() && asked.defaultValue().equals(ValueConstants.DEFAULT_NONE)) {
            body.addRequiredItem(name);
        }
    }

    private void whole(MergedAnnotation<Takes> takes) {
        for (String field : takes.isPresent() ? takes.getStringArray("value") : new String[] {MORE}) {
            if (field.equals(MORE)) {
                body.additionalProperties(new StringSchema());
            } else {
                plain.putIfAbsent(field, new StringSchema());
            }
        }
    }

    private static Schema<?> of(Class<?> type) {
        if (type.isArray() || Collection.class.isAssignableFrom(type)) {
            return new ArraySchema().items(new StringSchema());
        }
        if (type == int.class || type == Integer.class) {
            return new IntegerSchema();
        }
        if (type == long.class || type == Long.class) {
            return new IntegerSchema().format("int64");
        }
        if (type == double.class || type == Double.class) {
            return new NumberSchema().format("double");
        }
        if (type == boolean.class || type == Boolean.class) {
            return new BooleanSchema();
        }
        return type == LocalDate.class ? new StringSchema().format("date") : new StringSchema();
    }

    /** Without files. */
    Schema<?> body() {
        return body;
    }

    boolean withFiles() {
        return !files.isEmpty();
    }

    boolean needsFiles() {
        return needsFiles;
    }

    /** Its files too. */
    Schema<?> form() {
        ObjectSchema form = new ObjectSchema();
        plain.forEach(form::addProperty);
        files.forEach(form::addProperty);
        return form;
    }
}
