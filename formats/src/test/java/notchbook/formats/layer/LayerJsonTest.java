package notchbook.formats.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

class LayerJsonTest {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final String ID = "00000000-0000-0000-0000-000000000001";

    @Test
    void readsWhatItWrote() {
        var json = JsonNodeFactory.instance.objectNode();
        LayerJson.write(Layers.full(), json);
        assertThat(LayerJson.read(MAPPER.readTree(json.toString()))).isEqualTo(Layers.full());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}                                                        | list of things",
                "{'width':8,'height':4,'things':7}                         | list of things",
                "{'things':[]}                                             | 0 × 0",
                "{'width':8,'height':4,'things':[{}]}                      | id of its own",
                "{'width':8,'height':4,'things':[{'id':'@','kind':'cat'}]} | “cat” is nothing",
                "{'width':8,'height':4,'things':[{'id':'@','kind':'ink'}]} | list of points",
                "{'width':8,'height':4,'things':[{'id':'@','kind':'spot','number':1}]}                     | on it or near it",
                "{'width':8,'height':4,'things':[{'id':'@','kind':'spot','number':0,'x':1,'y':1}]}         | 1 to 999",
                "{'width':8,'height':4,'things':[{'id':'@','kind':'label','x':1,'y':1,'size':9}]}          | 1 to 500 characters",
                "{'width':8,'height':4,'things':[{'id':'@','kind':'label','x':1,'y':1,'size':9,'words':'a','colour':'red'}]} | #RRGGBB",
                "{'width':8,'height':4,'things':[{'id':'@','kind':'box','left':4,'top':1,'right':2,'bottom':3,'colour':'#000000'}]} | top left",
            })
    void saysWhatIsWrong(String json, String why) {
        assertThatThrownBy(() ->
                        LayerJson.read(MAPPER.readTree(json.replace('\'', '"').replace("@", ID))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
    }
}
