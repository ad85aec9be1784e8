#include <iostream>
#include <string>
using namespace std;

int menu();
void deposit(double &balance, double amount);
bool withdraw(double &balance, double amount);

int main()
{
    double balance = 100.0;
    int choice, tries = 0;
    char again = 'y';

    do
    {
        choice = menu();
        switch (choice)
        {
            case 1:
            {
                double amt;
                cout << "Amount: ";
                cin >> amt;
                deposit(balance, amt);
                break;
            }
            case 2:
            {
                double amt;
                cout << "Amount: ";
                cin >> amt;
                if (!withdraw(balance, amt))
                    cout << "Not enough!" << endl;
                break;
            }
            case 3:
                cout << "Balance: " << balance << endl;
                break;
            default:
                cout << "Invalid" << endl;
                tries++;
        }
        cout << "Again (y/n)? ";
        cin >> again;
    } while (again == 'y' || again == 'Y');

    cout.setf(ios::fixed);
    cout.precision(2);
    cout << "\nFinal: " << balance << " after " << tries << " bad choice" << (tries == 1 ? "" : "s") << endl;
    int year = 2032;
    bool leap = (year % 4 == 0 && year % 100 != 0) || year % 400 == 0;
    cout << year << (leap ? " is" : " is not") << " a leap year" << endl;
    int n = 5;
    for (int i = 1; i <= n; i++)
    {
        for (int s = n - i; s > 0; s--) cout << " ";
        for (int k = 1; k <= 2 * i - 1; k++) cout << (k % 2 ? '*' : '-');
        cout << "\n";
    }
    int a = 7, b = 2;
    cout << a / b << " " << a % b << " " << (double)a / b << " " << a / 2.0 << " " << (a > b) << " " << (a & b) << (a | b) << (a ^ b) << (a << 2) << endl;
    int x = 10;
    int y = x++ + ++x;
    cout << x << " " << y << " " << char('a' + 3) << " " << int('A') << " " << 'a' + 1 << endl;
}

int menu()
{
    int c;
    cout << "1) in 2) out 3) show: ";
    cin >> c;
    return c;
}

void deposit(double &balance, double amount) { balance += amount; }

bool withdraw(double &balance, double amount)
{
    if (amount > balance) return false;
    balance -= amount;
    return true;
}
