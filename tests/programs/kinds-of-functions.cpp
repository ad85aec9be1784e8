#include <iostream>
#include <string>
#include <vector>
using namespace std;
int power(int base, int exponent);
double area(double width, double height = 2.5);
string label(string name, int count = 1) { return name + " x" + to_string(count); }
void swapThem(int& a, int& b) { int kept = a; a = b; b = kept; }
bool isEven(int n) { return n % 2 == 0; }
char grade(int marks) {
    if (marks >= 9) return 'A';
    else if (marks >= 7) return 'B';
    return 'C';
}
void hello() { cout << "hello" << endl; }
int total(const vector<int>& v) { int t = 0; for (int x : v) t += x; return t; }
int visits = 0;
void visit() { visits++; }
const double PI = 3.14159;
int main() {
    cout << power(2, 10) << " " << area(2) << " " << area(2, 3) << " " << label("bean") << " " << label("pea", 3) << endl;
    int a = 1, b = 2;
    swapThem(a, b);
    swap(a, b);
    swapThem(a, b);
    cout << a << b << isEven(4) << grade(9) << grade(7) << grade(1) << total({1, 2, 3}) << endl;
    hello();
    visit();
    visit();
    cout << visits << " " << PI * 2 << endl;
    return 0;
}
int power(int base, int exponent) {
    if (exponent == 0) return 1;
    return base * power(base, exponent - 1);
}
double area(double width, double height) { return width * height; }
