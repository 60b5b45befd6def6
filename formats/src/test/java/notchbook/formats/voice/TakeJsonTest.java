package notchbook.formats.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TakeJsonTest {
    private static final String ID = "\"id\":\"018f0000-0000-7000-8000-000000000001\"";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "{\"moments\":[{" + ID + ",\"at\":1200,\"name\":\"Why later\"}]}",
                "{\"stretches\":[{\"startedAt\":1764128000000,\"length\":9000},{\"startedAt\":1764128060000,\"length\":10}]}",
                "{\"lines\":[{\"from\":0,\"to\":900,\"words\":\"Clap\"}],\"about\":{\"entry\":\"018f0000-0000-7000-8000-000000000001\"},\"trim\":{\"from\":10,\"to\":800},\"poster\":400}",
                "{\"about\":{\"entry\":\"018f0000-0000-7000-8000-000000000001\",\"thing\":\"018f0000-0000-7000-8000-000000000002\"}}"
            })
    void comesBackAsItWasWritten(String json) {
        assertThat(TakeJson.write(TakeJson.read(json))).isEqualTo(json);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"moments\":3}",
                "{\"moments\":[{\"at\":1,\"name\":\"\"}]}",
                "{\"moments\":[{" + ID + ",\"at\":-1,\"name\":\"\"}]}",
                "{\"moments\":[{" + ID + ",\"at\":\"1\",\"name\":\"\"}]}",
                "{\"moments\":[{" + ID + ",\"at\":1}]}",
                "{\"moments\":[null]}",
                "{\"stretches\":[{\"startedAt\":1}]}",
                "{\"stretches\":[{\"startedAt\":1,\"length\":-4}]}",
                "{\"lines\":[{\"from\":0,\"to\":900}]}",
                "{\"lines\":[{\"from\":0,\"to\":900,\"words\":\" \"}]}",
                "{\"trim\":{\"from\":0,\"to\":100}}",
                "{\"poster\":-1}",
                "{\"poster\":\"1\"}",
                "{\"about\":{\"entry\":\"me\"}}"
            })
    void refusesWhatIsNoRecording(String json) {
        assertThatIllegalArgumentException().isThrownBy(() -> TakeJson.read(json));
    }
}
