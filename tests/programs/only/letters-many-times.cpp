#include <iostream>
#include <string>
using namespace std;

struct Row { string sign; };

void bar(int n, char sign) {
    cout << string(n, sign) << endl;
}

string box(const string& word) {
    string edge(word.size() + 4, '*');
    return edge + "\n* " + word + " *\n" + edge;
}

int main() {
    int height = 4;
    for (int i = 1; i <= height; i++) {
        cout << string(height - i, ' ') << string(2 * i - 1, '*') << endl;
    }
    bar(5, '#');
    cout << box("fern") << endl;
    cout << string("ab") + string(3, '.') << string(1, 'x') << string(0, 'y') << "|" << endl;
    string dots, other = "moss";
    dots.append(3, '.');
    cout << dots << string(dots.size(), '-') << endl;
    char c = 'q';
    dots.assign(other);
    other.assign(4, c);
    cout << dots << " " << other << endl;
    Row row;
    row.sign.assign(2, '=');
    dots.assign("hollow");
    dots.append(3, dots[0]);
    cout << row.sign << dots << endl;
    other.assign(dots.begin(), dots.end());
    other.assign(height + 1, other[1]);
    cout << other << endl;
}
