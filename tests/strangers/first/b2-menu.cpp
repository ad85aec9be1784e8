// A little menu program for the seed store
#include <iostream>
#include <map>
#include <string>
#include <limits>

using namespace std;

void showMenu()
{
    cout << endl << "1) show  2) take out  3) put in  0) end" << endl;
}

int askNumber(string question)
{
    int number;
    cout << question;
    while (!(cin >> number))
    {
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
        cout << "That is not a number. " << question;
    }
    return number;
}

int main()
{
    map<string, int> stock = {{"bean", 12}, {"carrot", 40}, {"pea", 7}};
    int choice;
    do
    {
        showMenu();
        choice = askNumber("Your choice: ");
        switch (choice)
        {
        case 1:
            for (map<string, int>::iterator it = stock.begin(); it != stock.end(); ++it)
            {
                cout << "  " << it->first << ": " << it->second << endl;
            }
            break;
        case 2:
        {
            string name;
            cout << "Which seed? ";
            cin >> name;
            if (stock.find(name) == stock.end())
            {
                cout << "We have no " << name << endl;
                break;
            }
            int amount = askNumber("How many? ");
            if (amount > stock[name])
                cout << "Only " << stock[name] << " left" << endl;
            else
            {
                stock[name] -= amount;
                if (stock[name] == 0)
                    stock.erase(name);
            }
            break;
        }
        case 3:
        {
            string name;
            cout << "Which seed? ";
            cin >> name;
            stock[name] += askNumber("How many? ");
            break;
        }
        case 0:
            cout << "Goodbye" << endl;
            break;
        default:
            cout << "There is no " << choice << endl;
        }
    } while (choice != 0);
    return 0;
}
