#include <iostream>
using namespace std;
struct P { int x = 1, y = 2; };
int main() {
    int x = 5; P p; P* q = &p;
    for (int x = 0; x < 2; x++) { cout << x << p.x << q->x << " "; p.x += 10; }
    if (x > 2) { double y = p.y; int x = p.x + 1; cout << x << y << p.y << endl; }
    cout << x << endl;
}
