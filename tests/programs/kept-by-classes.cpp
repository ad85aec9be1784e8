#include <iostream>
#include <string>
using namespace std;
class Bed {
public:
    static int count;
    static string kind;
    Bed() { count++; ++Bed::count; }
    void grow() { Bed::count += 2; this->count += 1; Bed::kind = "pea"; }
    static void reset() { Bed::count = 0; kind += "s"; }
private:
    static double rate;
};
int Bed::count = 0;
string Bed::kind = "rose";
double Bed::rate = 1.5;
int main() {
    Bed a;
    a.grow();
    cout << Bed::count << endl;
    Bed::count = 5;
    Bed::count++;
    --Bed::count;
    a.count += 2;
    cout << a.count << Bed::kind << endl;
    Bed::reset();
    cout << Bed::count << Bed::kind << endl;
}
