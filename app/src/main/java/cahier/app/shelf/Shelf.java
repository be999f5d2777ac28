package cahier.app.shelf;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.ResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The templates that ship with Cahier: the files in shelf/. */
@Component
public class Shelf {

    private final List<Template> templates;

    Shelf(ResourcePatternResolver resources) throws IOException {
        ObjectMapper yaml = YAMLMapper.builder().build();
        templates = Arrays.stream(resources.getResources("classpath:shelf/*.yaml"))
                .map(file -> read(yaml, file)).sorted(Comparator.comparing(Template::title)).toList();
    }

    private static Template read(ObjectMapper yaml, Resource file) {
        try (InputStream in = file.getInputStream()) {
            return TemplateFile.read(yaml.readTree(in), file.getFilename() + ", ");
        } catch (IOException e) {
            throw new UncheckedIOException(file.getFilename() + " cannot be read", e);
        }
    }

    /** All of them, by title. */
    public List<Template> templates() {
        return templates;
    }

    public Optional<Template> find(String id) {
        return templates.stream().filter(t -> t.id().equals(id)).findFirst();
    }
}
