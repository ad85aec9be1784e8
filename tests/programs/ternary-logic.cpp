#include <iostream>
using namespace std;
int main() {
    int age = 12;
    bool dry = true, hot = false;
    if (dry && !hot) cout << "water\n";
    if (dry and not hot or age > 20) cout << "words\n";
    if (age >= 10 && age <= 16) cout << "pupil\n";
    cout << (age > 10 ? "big" : "small") << endl;
    string s = hot ? "hot" : dry ? "dry" : "mild";
    cout << s << endl;
    cout << boolalpha << dry << noboolalpha << hot << endl;
    if (age) cout << "yes" << endl;
    if (!(age - 12)) cout << "zero" << endl;
    return 0;
}
