#include <iostream>
#include <string>
#include <fstream>
using namespace std;
int add(int a, int b) { return a + b; }
double add(double a, double b) { return a + b; }
string add(const string& a, const string& b) { return a + b; }
int add(int a, int b, int c) { return a + b + c; }
void swapValues(int &x, int &y) { int t = x; x = y; y = t; }
void show(const string &label, int value = 0, char fill = '*') {
    cout << label << string(3, fill) << value << endl;
}
template <class T>
T maxOf(T a, T b) { return a > b ? a : b; }
int counter() { static int calls = 0; return ++calls; }
int main() {
    cout << add(1, 2) << " " << add(1.5, 2.5) << " " << add(string("a"), string("b")) << " " << add(1, 2, 3) << endl;
    int a = 1, b = 2;
    swapValues(a, b);
    cout << a << b << endl;
    show("x"); show("y", 5); show("z", 7, '-');
    cout << maxOf(3, 9) << maxOf(2.5, 1.5) << maxOf(string("pea"), string("bean")) << endl;
    counter(); counter();
    cout << counter() << endl;
    auto square = [](int n) { return n * n; };
    int base = 10;
    auto addBase = [&base](int n) { return n + base; };
    base = 20;
    cout << square(5) << " " << addBase(1) << endl;
    int choice = 2;
    switch (choice) {
        case 1: cout << "one ";
        case 2: cout << "two ";
        case 3: cout << "three "; break;
        default: cout << "other";
    }
    cout << endl;
    const char* msg = "hi";
    cout << msg << " " << string(msg).size() << endl;
}
