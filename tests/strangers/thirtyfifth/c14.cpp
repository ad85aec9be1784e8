#include <iostream>
#include <string>
using namespace std;

class Logger {
    string name;
public:
    Logger(const string &n) : name(n) { cout << "open " << name << endl; }
    Logger(const Logger &o) : name(o.name + "'") { cout << "copy " << name << endl; }
    ~Logger() { cout << "close " << name << endl; }
    void say(const string &what) const { cout << name << ": " << what << endl; }
};

void byValue(Logger l) { l.say("by value"); }
void byRef(const Logger &l) { l.say("by reference"); }
Logger make(int n) { return Logger("made" + to_string(n)); }

int main() {
    Logger a("a");
    {
        Logger b("b");
        byRef(b);
        byValue(b);
    }
    Logger *p = new Logger("p");
    Logger c = make(1);
    c.say("hi");
    delete p;
    for (int i = 0; i < 2; i++) {
        Logger t("loop" + to_string(i));
        if (i == 1) break;
    }
    cout << "end of main" << endl;
    return 0;
}
