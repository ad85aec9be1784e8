#include <iostream>
#include <string>
using namespace std;
struct Bed { int n = 4; static int made; };
int Bed::made = 7;
int counter() { static int n = 0; return ++n; }
int other(int by) { static long long n = 10; n += by; return n; }
string grown(int by) { static string s = "a"; if (by > 1) { static int times = 0; times++; s += to_string(times); } return s; }
int main() {
    int n = 3, times = 50; string s = "q"; Bed b;
    int first = counter(), second = counter();
    cout << n << first << second << endl;
    string once = grown(2), twice = grown(2), still = grown(1);
    cout << other(2) << other(3) << " " << once << " " << twice << " " << still << " " << s << times << b.n << Bed::made << endl;
}
