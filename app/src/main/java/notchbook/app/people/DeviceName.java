package notchbook.app.people;

import java.util.LinkedHashMap;
import java.util.Map;

/** What a browser says of itself, in words that its owner knows it by. */
final class DeviceName {
    // A browser claims to be those that came before it too, so the first name that fits is told.
    private static final Map<String, String> BROWSERS = new LinkedHashMap<>();
    private static final Map<String, String> SYSTEMS = new LinkedHashMap<>();

    static {
        BROWSERS.put("Edg", "Edge");
        BROWSERS.put("Firefox", "Firefox");
        BROWSERS.put("Chrom", "Chrome or Chromium");
        BROWSERS.put("Safari", "Safari");
        SYSTEMS.put("Android", "an Android device");
        SYSTEMS.put("iPhone", "an iPhone");
        SYSTEMS.put("iPad", "an iPad");
        SYSTEMS.put("CrOS", "a Chromebook");
        SYSTEMS.put("Windows", "Windows");
        SYSTEMS.put("Mac OS", "a Mac");
        SYSTEMS.put("Linux", "Linux");
    }

    private DeviceName() {}

    static String of(String userAgent) {
        return told(BROWSERS, userAgent, "A browser") + " on " + told(SYSTEMS, userAgent, "a device");
    }

    private static String told(Map<String, String> names, String userAgent, String otherwise) {
        return names.entrySet().stream()
                .filter(name -> userAgent.contains(name.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(otherwise);
    }
}
