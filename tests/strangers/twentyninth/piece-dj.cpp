#include <iostream>
#include <string>
using namespace std;
class Lamp {
    string name;
public:
    Lamp(string n) : name(n) { cout << name << " on" << endl; }
    ~Lamp() { cout << name << " off" << endl; }
    int size() const { return name.size(); }
};
int f(int n) {
    Lamp a("a");
    if (n == 0) return a.size() + 10;
    Lamp b("b");
    if (n == 1) { Lamp c("c"); return 1; }
    for (int i = 0; i < 3; i++) {
        Lamp l("l" + to_string(i));
        if (i == 0) continue;
        if (n == 2) break;
        if (n == 3 && i == 2) return l.size();
        cout << "turn " << i << endl;
    }
    return b.size() * 2;
}
void g(bool early) {
    Lamp x("x");
    if (early) return;
    cout << "late" << endl;
}
int main() {
    for (int i = 0; i < 5; i++) cout << f(i) << endl;
    g(true); g(false);
    Lamp m("m");
    while (true) { Lamp w("w"); { Lamp v("v"); break; } }
    int k = 2;
    if (k == 2) { Lamp q("q"); return 3; }
    return 0;
}
