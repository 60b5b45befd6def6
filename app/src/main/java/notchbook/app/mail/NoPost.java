package notchbook.app.mail;

import notchbook.app.platform.Refusal;

/** Where no mail server is set. */
final class NoPost implements Post {
    @Override
    public boolean isThere() {
        return false;
    }

    @Override
    public void send(Letter letter) {
        throw Refusal.notNow("This Notchbook sends no mails. Copy the link, and give it to your reader yourself.");
    }
}
