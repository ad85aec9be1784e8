#include <iostream>
#include <string>
#include <vector>
using namespace std;

class Logger {
    string name;
public:
    Logger(string n) : name(n) { cout << "+" << name << endl; }
    ~Logger() { cout << "-" << name << endl; }
    void say(const string& what) const { cout << name << ": " << what << endl; }
};

void work() {
    Logger inner("work");
    inner.say("busy");
}

int main() {
    Logger main_log("main");
    {
        Logger block("block");
        block.say("hi");
    }
    work();
    Logger* heap = new Logger("heap");
    heap->say("on the heap");
    delete heap;
    main_log.say("end");
    return 0;
}
