#include <iostream>
#include <string>
using namespace std;
class Logger {
    string name;
public:
    Logger(const string &n) : name(n) { cout << "open " << name << endl; }
    ~Logger() { cout << "close " << name << endl; }
    void say(const string &what) const { cout << name << ": " << what << endl; }
};
void byRef(const Logger &l) { l.say("by reference"); }
int main() {
    Logger a("a");
    {
        Logger b("b");
        byRef(b);
    }
    Logger *p = new Logger("p");
    delete p;
    for (int i = 0; i < 2; i++) {
        Logger t("loop" + to_string(i));
        if (i == 1) break;
    }
    cout << "end of main" << endl;
    return 0;
}
