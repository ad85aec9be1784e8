#include <iostream>
using namespace std;
class Light {
public:
    enum State { OFF, ON, BLINK };
private:
    State s = OFF;
public:
    bool on() const { return s == ON; }
    void go() { s = BLINK; }
    State state() const { return s; }
};
int main() { 
    Light l; l.go(); cout << l.on() << l.state() << (l.state() == Light::BLINK) << endl;
}
