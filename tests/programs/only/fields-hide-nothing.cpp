#include <iostream>
using namespace std;
template <typename G>
void again(int n, G f) { for (int i = 0; i < n; i++) f(i); }
class Box {
    int n;
public:
    Box(int n) : n(n) { if (n) { this->n /= 2; } }
    void show() { cout << n << endl; }
};
int main() {
    Box b(8);
    b.show();
    again(2, [](int i) { cout << i; });
}
