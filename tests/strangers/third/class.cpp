#include <iostream>
using namespace std;

class Counter {
private:
    int value;
public:
    Counter(int start = 0) : value(start) {}
    void increment() { value++; }
    void add(int n) { value += n; }
    int get() const { return value; }
};

int main() {
    Counter c;
    c.increment();
    c.add(5);
    cout << c.get() << endl;
    Counter d(10);
    d.increment();
    cout << d.get() << "\n";
    return 0;
}
